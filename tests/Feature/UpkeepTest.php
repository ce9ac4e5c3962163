<?php

declare(strict_types=1);

use App\Intake\Originals;
use App\Jobs\MakeRenditions;
use App\Models\Batch;
use App\Models\Edition;
use App\Models\Picture;
use App\Models\PictureState;
use App\Models\SiteFile;
use App\Upkeep\SweepPages;
use App\Upkeep\Tend;
use Illuminate\Http\UploadedFile;
use Illuminate\Queue\Events\WorkerStarting;
use Illuminate\Queue\WorkerOptions;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\SeededPicture;

it('puts nothing live that leads to a file which is not there or not whole', function (): void {
    $this->signIn();
    $gallery = $this->galleryOf(2);
    $this->putLive($gallery)->assertOk();
    $seen = fn (): string => file_get_contents("{$this->files}/live/current/embed/{$gallery->id}.json");
    $before = $seen();
    $this->change($gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => 31]]])->assertOk();
    // A file was cut short, and what it was made from is gone.
    $picture = Picture::query()->firstOrFail();
    $file = array_key_last($picture->renditions);
    file_put_contents("{$this->files}/renditions/{$picture->renditionFolder()}/{$file}", 'cut');
    unlink("{$this->files}/live/media/{$picture->rendition_key}/{$file}");
    $original = "{$this->files}/originals/{$picture->originalPath()}";
    rename($original, "{$original}.away");
    $live = fn () => $this->postJson("/studio/api/galleries/{$gallery->id}/live", ['version' => $gallery->refresh()->version]);
    $live()->assertStatus(422)->assertJsonPath('code', 'picture-not-readable')->assertJsonPath('detail', fn (string $says): bool => str_contains($says, $picture->name));
    expect($seen())->toBe($before)->and(Edition::query()->count())->toBe(1);
    // And once it is back, the file is made anew.
    rename("{$original}.away", $original);
    do {
        $answer = $live();
    } while ($answer->getStatusCode() === 202);
    $answer->assertOk();
    expect($seen())->toContain('gap:31px')->and(getimagesize("{$this->files}/live/media/{$picture->rendition_key}/{$file}")[0])->toBe((int) $file);
});

it('leads visitors to whole files alone, whatever befell one since', function (string $fault): void {
    $this->signIn();
    $gallery = $this->galleryOf(2);
    $ground = SeededPicture::of($this->pictureFile('jpg', 300, 200, 70), 'ground.jpg');
    $this->change($gallery, ['kind' => 'design', 'design' => ['finish' => ['ground' => ['picture' => $ground->id]]]])->assertOk();
    $this->putLive($gallery)->assertOk();
    $picture = str_contains($fault, 'ground') ? $ground : Picture::query()->whereKeyNot($ground->id)->firstOrFail();
    $file = array_key_last($picture->renditions);
    $public = "{$this->files}/live/media/{$picture->rendition_key}/{$file}";
    unlink($public);
    str_contains($fault, 'cut') ? file_put_contents($public, 'cut') : unlink("{$this->files}/renditions/{$picture->renditionFolder()}/{$file}");
    str_contains($fault, 'original') && unlink("{$this->files}/originals/{$picture->originalPath()}");
    $this->change($gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => 31]]])->assertOk();
    expect($this->putLive($gallery)->getStatusCode())->toBeIn([200, 422]);
    $live = (string) file_get_contents("{$this->files}/live/current/embed/{$gallery->id}.json");
    preg_match_all('~media\\\\?/([0-9a-f]{24})\\\\?/(\d+)\.(?:webp|jpg)~', $live, $told, PREG_SET_ORDER);
    expect($told)->not->toBe([]);
    if (str_contains($live, 'gap:31px')) {
        foreach ($told as [$address, $key, $width]) {
            $path = "{$this->files}/live/media/{$key}/".basename($address);
            expect(is_file($path) ? (@getimagesize($path) ?: [0])[0] : 'none')->toBe((int) $width, $address);
        }
    }
})->with(['cut in the public folder', 'the ground, cut in the public folder', 'the ground, gone', 'the ground, gone with its original', 'gone with its original']);

it('frees what a killed worker held, for the queue that begins again and no other', function (): void {
    config(['queue.default' => 'database']);
    foreach (['default', 'default', 'batches'] as $queue) {
        DB::table('jobs')->insert(['queue' => $queue, 'payload' => '{}', 'attempts' => 1, 'reserved_at' => time(), 'available_at' => time(), 'created_at' => time()]);
    }
    event(new WorkerStarting('database', 'default', new WorkerOptions));
    expect(DB::table('jobs')->whereNull('reserved_at')->pluck('queue')->all())->toBe(['default', 'default']);
    config(['queue.default' => 'redis']);
    app(Tend::class)->release('batches');
    expect(DB::table('jobs')->where('queue', 'batches')->value('reserved_at'))->not->toBeNull();
});

it('tries again what failed, at ever longer intervals, and never gives up', function (): void {
    Queue::fake();
    $picture = Tests\SeededPicture::of($this->pictureFile(), 'kite.jpg');
    $due = [];
    (new MakeRenditions($picture->id))->failed(new RuntimeException('broken'));
    for ($minute = 1; $minute <= 70; $minute++) {
        $this->travel(1)->minutes();
        $before = Queue::pushed(MakeRenditions::class)->count();
        app(Tend::class)->handle();
        if (Queue::pushed(MakeRenditions::class)->count() > $before) {
            $due[] = $minute;
            // A worker that takes it up lets the next one be ordered.
            cache()->lock('laravel_unique_job:'.MakeRenditions::class.':'.$picture->id)->forceRelease();
            (new MakeRenditions($picture->id))->failed(new RuntimeException('broken'));
        }
    }
    expect($due)->toBe([2, 6, 14, 30, 62])->and($picture->refresh()->state)->toBe(PictureState::Failed)->and($picture->failure)->toContain('tried again by itself');
});

it('takes up batches that nobody works on, and leaves those alone that somebody does', function (): void {
    Queue::fake();
    $left = Batch::query()->create(['name' => 'left.zip', 'state' => 'running']);
    $worked = Batch::query()->create(['name' => 'worked.zip', 'state' => 'running']);
    $over = Batch::query()->create(['name' => 'over.zip', 'state' => 'done']);
    mkdir("{$this->files}/parts", 0755, true);
    $lock = fopen("{$this->files}/parts/{$worked->id}.lock", 'c');
    flock($lock, LOCK_EX);
    app(Tend::class)->handle();
    Queue::assertNothingPushed();
    $this->travel(61)->seconds();
    app(Tend::class)->handle();
    fclose($lock);
    expect(Queue::pushed(App\Jobs\TakeInZip::class)->pluck('batchId')->all())->toBe([$left->id])->not->toContain($over->id);
});

it('keeps words and files of pages that a page has, visitors get or undo leads to, and no others', function (): void {
    $this->signIn();
    $page = App\Models\Page::query()->where('slug', 'kites')->sole();
    $url = "/studio/api/pages/{$page->id}/parts";
    $write = function (string $html) use ($url): string {
        $known = $this->getJson($url)->json();

        return $this->putJson($url, ['seen' => $known['seen'], 'parts' => [['id' => 'a', 'kind' => 'paragraph', 'html' => $html]]])->assertOk()->json('seen');
    };
    $first = $page->body;
    // Steps of one act: what was between is no point to go back to.
    [$between, $second] = [$write('One'), $write('One and a half')];
    $this->postJson('/studio/api/site/live', ['galleries' => [], 'pages' => []])->assertNoContent();
    $this->travel(20)->seconds();
    $third = $write('Two');
    SiteFile::query()->create(['batch' => strtolower((string) Str::ulid()), 'path' => 'a.css', 'hash' => str_repeat('a', 64), 'bytes' => 1]);
    $has = fn (): array => App\Models\Body::query()->pluck('hash')->all();
    expect($has())->toContain($between);
    $this->artisan('zinc:sweep');
    expect($has())->toContain($between);
    $this->travel(2)->hours();
    $this->artisan('zinc:sweep');
    expect($has())->not->toContain($between)->toContain($first)->toContain($second)->toContain($third)->and(SiteFile::query()->count())->toBe(0);
    $this->postJson('/studio/api/site/undo')->assertNoContent();
    $this->postJson('/studio/api/site/undo')->assertNoContent();
    expect($page->refresh()->body)->toBe($first)->and($this->getJson($url)->assertOk()->json('parts'))->toHaveCount(2);
});

it('throws away files of pages that no row knows, once they cannot be on their way any more', function (): void {
    $folder = "{$this->files}/originals/site/ab";
    mkdir($folder, recursive: true);
    foreach (['old' => 2, 'young' => 0] as $name => $hours) {
        file_put_contents("{$folder}/ab{$name}", 'x');
        touch("{$folder}/ab{$name}", time() - 3600 * $hours);
    }
    $this->signIn();
    $zip = new ZipArchive;
    $zip->open("{$this->files}/in.zip", ZipArchive::CREATE);
    $zip->addFromString('index.html', '<html><body><p>One</p></body></html>');
    $zip->addFromString('a.css', 'p{}');
    $zip->close();
    $this->post('/studio/api/pages/bring-in', ['file' => new UploadedFile("{$this->files}/in.zip", 'in.zip', null, null, true), 'under' => 'in'], ['Accept' => 'application/json'])->assertCreated();
    $known = "{$this->files}/originals/".SiteFile::query()->sole()->storedPath();
    touch($known, time() - 7200);
    // Found there by one that comes in, whose row is not written yet, while the last that told of it goes.
    $nobodys = SiteFile::pathOf(hash('sha256', 'p'));
    Storage::disk('originals')->put($nobodys, 'p');
    touch(Storage::disk('originals')->path($nobodys), time() - 7200);
    SiteFile::query()->create(['batch' => strtolower((string) Str::ulid()), 'path' => 'p.css', 'hash' => basename($nobodys), 'bytes' => 1, 'created_at' => now()->subHours(2)]);
    app(Originals::class)->keepFile($nobodys, 'p');
    app(SweepPages::class)->handle();
    expect(SiteFile::query()->count())->toBe(1)->and(Storage::disk('originals')->exists($nobodys))->toBeTrue();
    expect(array_map(is_file(...), ["{$folder}/abold", "{$folder}/abyoung", $known]))->toBe([false, true, true]);
});
