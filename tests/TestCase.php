<?php

declare(strict_types=1);

namespace Tests;

use App\Jobs\MakeRenditions;
use App\Models\Body;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\Site;
use App\Models\User;
use App\Pages\PartsOfHtml;
use App\Publishing\VisitorScript;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;

/** The application with an empty database and a folder of files of its own. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    public string $files;

    public function createApplication(): Application
    {
        $this->files = sys_get_temp_dir().'/zinc-pane-'.bin2hex(random_bytes(6));
        putenv("ZINC_FILES={$this->files}");
        $_ENV['ZINC_FILES'] = $_SERVER['ZINC_FILES'] = $this->files;
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        // What visitors' browsers run is built and tested elsewhere; here its text is enough.
        (new Filesystem)->ensureDirectoryExists($this->files);
        foreach (VisitorScript::PARTS as $name) {
            file_put_contents("{$this->files}/{$name}.js", "/* {$name} </script> */");
        }
        $app->singleton(VisitorScript::class, fn (): VisitorScript => new VisitorScript($this->files));

        return $app;
    }

    /** Every answer of the API is held against the contract, whatever the test asks for. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $response = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        $broken = Contracts::broken($this->app['request'], $response->baseResponse);
        expect($broken)->toBeNull((string) $broken);

        return $response;
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory($this->files);
        parent::tearDown();
    }

    /** Someone signed in, at a site of two pages. */
    protected function signIn(): User
    {
        $site = Site::query()->create([
            'name' => 'Saltreed',
            'shell' => '<!doctype html><html><head><title>{{title}}</title>{{head}}</head><body><nav>{{menu}}</nav>{{content}}</body></html>',
            'stylesheet' => 'p{}',
            'margin' => 18,
            'content_width' => 1120,
        ]);
        foreach (['home' => 'Home', 'kites' => null] as $slug => $label) {
            $site->pages()->create(['slug' => $slug, 'title' => ucfirst($slug), 'menu_label' => $label, 'position' => 0, 'body' => Body::ofParts(PartsOfHtml::of(['<h1>One</h1>', '<p>Two</p>']))]);
        }
        $user = User::query()->create(['name' => 'Owner', 'email' => 'owner@saltreed.example', 'password' => 'long wind']);
        $this->actingAs($user);

        return $user;
    }

    /** What is taken in is not cut to the widths of galleries: for tests that look at no file of a picture. */
    protected function leaveRenditions(): void
    {
        Queue::fake([MakeRenditions::class]);
    }

    /** A picture of noise, so that no two are the same; the path of a file of its own. */
    protected function pictureFile(string $format = 'jpg', int $width = 300, int $height = 200, int $seed = 1): string
    {
        mt_srand($seed);
        $image = imagecreatetruecolor($width, $height);
        for ($i = 0; $i < 40; $i++) {
            imagefilledrectangle($image, mt_rand(0, $width), mt_rand(0, $height), mt_rand(0, $width), mt_rand(0, $height), mt_rand(0, 0xFFFFFF));
        }
        $path = "{$this->files}/in-".bin2hex(random_bytes(4)).".{$format}";
        match ($format) {
            'png' => imagepng($image, $path),
            'gif' => imagegif($image, $path),
            'webp' => imagewebp($image, $path),
            'avif' => imageavif($image, $path),
            'heic' => imagepng($image, "{$path}.png") && $this->vips('copy', "{$path}.png", $path),
            default => imagejpeg($image, $path, 88),
        };

        return $path;
    }

    /** Runs libvips on files of the test's own. */
    public function vips(string ...$arguments): true
    {
        exec('vips '.implode(' ', array_map(escapeshellarg(...), $arguments)), $out, $status);
        expect($status)->toBe(0);

        return true;
    }

    protected function upload(Gallery|string $gallery, string $path, ?string $name = null): TestResponse
    {
        $id = $gallery instanceof Gallery ? $gallery->id : $gallery;

        return $this->post("/studio/api/galleries/{$id}/pictures", [
            'picture' => new UploadedFile($path, $name ?? basename($path), null, null, true),
        ], ['Accept' => 'application/json']);
    }

    /** A gallery with some pictures in it that are ready. */
    protected function galleryOf(int $count, int $seed = 1): Gallery
    {
        $gallery = $this->emptyGallery();
        for ($i = $seed; $i < $seed + $count; $i++) {
            $picture = SeededPicture::of($this->pictureFile('jpg', 300, 200, $i), "kite-{$i}.jpg");
            $this->postJson("/studio/api/galleries/{$gallery->id}/items", ['pictures' => [$picture->id]])->assertCreated();
        }

        return $gallery->refresh();
    }

    /** A gallery with some pictures in it that were sent as a person sends them. */
    protected function galleryOfUploads(int $count): Gallery
    {
        $gallery = $this->emptyGallery();
        for ($i = 1; $i <= $count; $i++) {
            $this->upload($gallery, $this->pictureFile('jpg', 300, 200, 900 + $i), "sent-{$i}.jpg")->assertCreated();
        }

        return $gallery->refresh();
    }

    protected function emptyGallery(): Gallery
    {
        return Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->assertCreated()->json('id'));
    }

    protected function change(Gallery $gallery, array $change, ?int $version = null): TestResponse
    {
        return $this->patchJson("/studio/api/galleries/{$gallery->id}", ['version' => $version ?? $gallery->refresh()->version, 'change' => $change]);
    }

    /** As often as it takes: while files are being made, the answer says how many pictures are left. */
    protected function putLive(Gallery $gallery): TestResponse
    {
        do {
            $answer = $this->postJson("/studio/api/galleries/{$gallery->id}/live", ['version' => $gallery->refresh()->version]);
        } while ($answer->status() === 202);

        return $answer;
    }

    protected function storedFiles(): array
    {
        $all = array_map(static fn ($file): string => $file->getRelativePathname(), (new Filesystem)->allFiles($this->files, true));

        return array_values(array_filter($all, static fn (string $name): bool => preg_match('~^(originals|renditions|live)/~', $name) === 1));
    }

    protected function assertNothingStored(): void
    {
        expect(Picture::query()->count())->toBe(0)->and($this->storedFiles())->toBe([]);
    }
}
