<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Page;
use App\Models\Pane;
use App\Publishing\LiveSite;
use App\Publishing\PicturesOffline;
use App\Publishing\PutLive;
use App\Publishing\Releases;
use App\Publishing\TakeOffline;
use Illuminate\Support\Facades\Queue;

covers(PutLive::class, TakeOffline::class, LiveSite::class, Releases::class, PicturesOffline::class);

/*
 * Whatever is done in whatever order, visitors have what was put live, all of it, and nothing besides. The books are
 * kept here, by marks in titles and by the bytes of the files; nothing of the application is asked for them.
 */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    foreach (['Repairs', 'Find us'] as $title) {
        $this->postJson('/studio/api/pages', ['title' => $title])->assertCreated();
    }
    $this->galleries = [$this->galleryOf(2, 10), $this->galleryOf(2, 20), $this->galleryOf(1, 30)];
    // One picture stands in two galleries.
    $shared = $this->galleries[0]->items()->first()->picture_id;
    $this->postJson("/studio/api/galleries/{$this->galleries[1]->id}/items", ['pictures' => [$shared]])->assertCreated();
    /** @var Closure(): array<string, string> $live contents by path of all that visitors can fetch without a picture */
    $this->live = function (): array {
        $files = [];
        if (! is_dir("{$this->files}/live/current")) {
            return [];
        }
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$this->files}/live/current", FilesystemIterator::SKIP_DOTS | FilesystemIterator::FOLLOW_SYMLINKS)) as $file) {
            if (in_array($file->getExtension(), ['html', 'json'], true)) {
                $files[substr((string) $file, strlen("{$this->files}/live/current/"))] = (string) file_get_contents((string) $file);
            }
        }
        ksort($files);

        return $files;
    };
    $this->inReach = static fn (string $files): array => array_values(array_filter(array_map(basename(...), glob("{$files}/live/media/*")), static fn (string $key): bool => glob("{$files}/live/media/{$key}/*") !== []));
});

it('holds after every act', function (int $seed): void {
    $dice = dice($seed);
    $pick = static fn (array $all) => $all[$dice->getInt(0, count($all) - 1)];
    /** What visitors may read: marks of galleries and pages as they were when they went live, by whose they are. */
    $books = $saved = [];
    $goes = function (Gallery $gallery) use (&$books, &$saved): void {
        $books[$gallery->id] = $saved[$gallery->id] ?? null;
    };
    for ($step = 1; $step <= 36; $step++) {
        $gallery = $pick($this->galleries)->refresh();
        $page = $pick(Page::query()->orderBy('id')->get()->all());
        $before = ($this->live)();
        $isPublic = true;
        $act = $dice->getInt(0, 11);
        switch ($act) {
            case 0:
            case 1:
                $this->change($gallery, ['kind' => 'about', 'about' => ['title' => "mark-g{$step}-", 'shows_title' => true]])->assertOk();
                $saved[$gallery->id] = "mark-g{$step}-";
                $isPublic = false;
                break;
            case 2:
                $this->patchJson("/studio/api/pages/{$page->id}", ['title' => "mark-p{$step}-"])->assertNoContent();
                $saved[$page->id] = "mark-p{$step}-";
                $isPublic = false;
                break;
            case 3:
            case 4:
                $this->postJson('/studio/api/panes', ['page_id' => $pick([$page->id, $page->id, null]), 'gallery_id' => $gallery->id, 'spot' => 0])->assertCreated();
                $isPublic = false;
                break;
            case 5:
                $pane = Pane::query()->inRandomOrder()->first();
                $pane === null ?: $this->deleteJson("/studio/api/panes/{$pane->id}")->assertNoContent();
                $isPublic = false;
                break;
            case 6:
            case 7:
                $this->putLive($gallery)->assertOk();
                $goes($gallery);
                break;
            case 8:
                $this->postJson('/studio/api/site/live', ['galleries' => [$gallery->id => $gallery->version], 'pages' => [$page->id]])->assertNoContent();
                $goes($gallery);
                $books[$page->id] = $saved[$page->id] ?? null;
                break;
            case 9:
                $this->postJson("/studio/api/galleries/{$gallery->id}/offline")->assertSuccessful();
                unset($books[$gallery->id]);
                break;
            case 10:
                $this->postJson("/studio/api/pages/{$page->id}/offline")->assertSuccessful();
                break;
            default:
                $picture = $gallery->items()->inRandomOrder()->first()->picture_id;
                $way = $pick(['offline', 'online']);
                $this->postJson("/studio/api/pictures/{$way}", ['pictures' => [$picture]])->assertSuccessful();
                $isPublic = $way === 'offline';
        }
        $after = ($this->live)();
        $told = "seed {$seed}, step {$step}, act {$act}";
        if (! $isPublic) {
            expect($after)->toBe($before, "{$told}: what is only saved is nobody's");
        }
        $all = implode('', $after);
        // A gallery that went live the first time may bring a page with it, as that is saved.
        preg_match_all('/mark-g\d+-/', $all, $read);
        expect(array_diff($read[0], array_filter($books)))->toBe([], "{$told}: titles that nobody put live");
        // All pictures that are told of are there, and none besides.
        preg_match_all('~/media/([0-9a-f]{24})~', str_replace('\\/', '/', $all), $shown);
        expect(($this->inReach)($this->files))->toEqualCanonicalizing(array_values(array_unique($shown[1])), "{$told}: pictures in reach");
        // And of a gallery that is offline no file is left.
        foreach ($this->galleries as $one) {
            expect(isset($after["embed/{$one->id}.json"]))->toBe($one->refresh()->edition_id !== null, "{$told}: the embed of {$one->id}");
        }
    }
})->with(sample([1, 2, 3, 4, 5], 1));
