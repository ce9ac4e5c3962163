<?php

declare(strict_types=1);

use App\Actions\Finishes;
use App\Actions\MakePlannedRenditions;
use App\Actions\OwnIds;
use App\Actions\PixelGrids;
use App\Imaging\GridMaker;
use App\Models\Body;
use App\Models\Finish;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureState;
use App\Models\Site;
use App\Pages\PartsOfHtml;
use App\Proofing\FinishLabel;
use App\Proofing\GalleryFinishes;
use App\Proofing\GalleryLegibility;
use App\Publishing\OwnIdsOfPage;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Tests\SeededPicture;

covers(Finishes::class, OwnIds::class, PixelGrids::class, GridMaker::class, FinishLabel::class, GalleryFinishes::class, GalleryLegibility::class, OwnIdsOfPage::class);

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(3);
    $this->other = $this->galleryOf(2, 40);
    $this->dress = fn (Gallery $gallery, array $finish) => $this->change($gallery->refresh(), ['kind' => 'design', 'design' => ['finish' => $finish]]);
    $this->keep = fn (Gallery $gallery, string $name) => $this->postJson('/studio/api/finishes', ['gallery' => $gallery->id, 'name' => $name]);
});

it('keeps a finish, follows it, and changes it with all that follow, each in its journal', function (): void {
    ($this->dress)($this->gallery, ['edges' => ['corners' => 9]])->assertOk();
    $key = ($this->keep)($this->gallery, 'Evening')->assertCreated()->json('key');
    expect(FinishLabel::of($this->gallery->refresh()->design))->toBe('Evening');
    $cards = $this->getJson("/studio/api/galleries/{$this->other->id}/finishes")->assertOk()->json('cards');
    $card = collect($cards)->firstWhere('key', $key);
    $this->change($this->other->refresh(), ['kind' => 'design', 'design' => $card['part']])->assertOk();
    expect($this->other->refresh()->design->finish->edges->corners)->toBe(9);

    $this->travel(10)->seconds();
    ($this->dress)($this->gallery, ['edges' => ['corners' => 30]])->assertOk();
    expect(FinishLabel::of($this->gallery->refresh()->design))->toBe('Evening, changed')
        ->and($this->getJson("/studio/api/finishes/{$key}")->json('followers'))->toBe([['id' => $this->other->id, 'title' => $this->other->title]]);
    $this->patchJson("/studio/api/finishes/{$key}", ['gallery' => $this->gallery->id])->assertOk()->assertJsonPath('followers.0.id', $this->other->id);
    expect($this->other->refresh()->design->finish->edges->corners)->toBe(30)->and($this->other->lastDone()->summary)->toBe('corners 9 px to 30 px');
    // Each may take it back for itself; then it follows no longer.
    $this->postJson("/studio/api/galleries/{$this->other->id}/undo", ['version' => $this->other->version])->assertOk();
    expect($this->getJson("/studio/api/finishes/{$key}")->json('followers'))->toBe([['id' => $this->gallery->id, 'title' => $this->gallery->title]]);
    // What is deleted leaves the galleries as they are.
    $this->deleteJson("/studio/api/finishes/{$key}")->assertNoContent();
    expect(FinishLabel::of($this->gallery->refresh()->design))->toBe('Its own')->and($this->gallery->design->finish->edges->corners)->toBe(30);
});

it('refuses names that are taken or none, and files that hold no finish; nothing is stored', function (): void {
    ($this->keep)($this->gallery, 'Evening')->assertCreated();
    foreach (['evening', 'Marsh Light', '', '   ', str_repeat('x', 41)] as $name) {
        ($this->keep)($this->gallery, $name)->assertUnprocessable()->assertJsonPath('field', 'name');
    }
    foreach (['', '{}', '{"program":"Another"}', str_repeat('x', 5_000_000), '{"program":"Zinc Pane","kind":"finish","schema":99,"name":"x","finish":{}}'] as $contents) {
        $this->call('POST', '/studio/api/finishes/file', server: ['HTTP_ACCEPT' => 'application/json'], content: $contents)->assertUnprocessable()->assertJsonPath('code', 'finish-not-taken');
    }
    $file = $this->get('/studio/api/finishes/'.Finish::query()->value('id').'/file')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="evening.finish.json"')->getContent();
    $this->call('POST', '/studio/api/finishes/file', server: ['HTTP_ACCEPT' => 'application/json'], content: $file)->assertUnprocessable()->assertJsonPath('field', 'name');
    expect(Finish::query()->count())->toBe(1);
    $this->call('POST', '/studio/api/finishes/file', server: ['HTTP_ACCEPT' => 'application/json'], content: str_replace('"Evening"', '"Morning ☼"', $file))->assertCreated();
    expect(Finish::query()->count())->toBe(2);
});

it('is closed to strangers', function (): void {
    $key = ($this->keep)($this->gallery, 'Evening')->json('key');
    $this->app['auth']->guard('web')->forgetUser();
    foreach ([['get', "galleries/{$this->gallery->id}/finishes"], ['post', 'finishes'], ['post', 'finishes/file'], ['get', "finishes/{$key}"], ['get', "finishes/{$key}/file"], ['patch', "finishes/{$key}"], ['delete', "finishes/{$key}"]] as [$method, $path]) {
        $this->json($method, "/studio/api/{$path}")->assertUnauthorized();
    }
});

it('refuses an id that another gallery has, or something else on its page', function (): void {
    ($this->dress)($this->gallery, ['own' => ['id' => 'kites']])->assertOk();
    ($this->dress)($this->other, ['own' => ['id' => 'kites']])->assertUnprocessable()->assertJsonPath('field', 'design.finish.own.id');
    $page = Site::whole()->pages[0];
    $page->update(['body' => Body::ofParts(PartsOfHtml::of(['<p id="tea">One</p>', "<p id='two'>Two</p>"]))]);
    $this->postJson('/studio/api/panes', ['page_id' => $page->id, 'gallery_id' => $this->other->id, 'spot' => 1])->assertCreated();
    foreach (['tea', 'two'] as $id) {
        ($this->dress)($this->other, ['own' => ['id' => $id]])->assertUnprocessable();
    }
    ($this->dress)($this->other, ['own' => ['id' => 'te']])->assertOk();
    // Nor may it come to a page that has its id already.
    $this->postJson('/studio/api/panes', ['page_id' => $page->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated();
    $page->update(['body' => Body::ofParts(PartsOfHtml::of(['<p id="kites">One</p>', '<p>Two</p>']))]);
    $this->postJson('/studio/api/panes', ['page_id' => $page->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertUnprocessable()->assertJsonPath('field', 'design.finish.own.id');
    $page->panes()->where('gallery_id', $this->gallery->id)->delete();
    // Twice on a page, it stands with the first of them only.
    $this->postJson('/studio/api/panes', ['page_id' => $page->id, 'gallery_id' => $this->other->id, 'spot' => 2])->assertCreated();
    $html = $this->get("/studio/preview/{$page->id}")->assertOk()->getContent();
    expect(substr_count($html, 'id="te"'))->toBe(1)->and(substr_count($html, 'data-zinc-pane data-viewer='))->toBe(2);
});

it('publishes the picture that a gallery stands on, keeps it from the bin, and takes it off with the gallery', function (): void {
    $ground = SeededPicture::of($this->pictureFile('jpg', 300, 200, 77), 'ground.jpg');
    ($this->dress)($this->gallery, ['ground' => ['picture' => $ground->id]])->assertOk();
    $this->postJson('/studio/api/pictures/bin', ['pictures' => [$ground->id]])->assertOk()->assertJsonPath('in_use.0.galleries.0.id', $this->gallery->id);
    expect(Picture::query()->find($ground->id)->binned_at)->toBeNull();
    $page = Site::whole()->pages[0];
    $this->postJson('/studio/api/panes', ['page_id' => $page->id, 'gallery_id' => $this->gallery->id, 'spot' => 0])->assertCreated();
    $this->putLive($this->gallery)->assertOk();
    $folder = "{$this->files}/live/media/{$ground->rendition_key}";
    expect(is_dir($folder))->toBeTrue()->and((string) file_get_contents("{$this->files}/live/current/pages/{$page->slug}.html"))->toContain("/media/{$ground->rendition_key}/");
    $this->deleteJson("/studio/api/galleries/{$this->gallery->id}")->assertNoContent();
    expect(is_dir($folder))->toBeFalse();
});

it('tells with the proof which captions are hard to read, and what would mend them', function (): void {
    ($this->dress)($this->gallery, ['captions' => ['place' => 'over', 'title' => true, 'opacity' => 0, 'colour' => '#808080']])->assertOk();
    $told = $this->getJson("/studio/api/galleries/{$this->gallery->id}/laid-out")->assertOk()->json('legibility');
    expect($told['judged'])->toBe(3)->and($told['hard'])->toBeGreaterThan(0)->and($told['says'])->toContain('hard to read')->and($told['mends'])->not->toBe([]);
    $this->change($this->gallery->refresh(), ['kind' => 'design', 'design' => $told['mends'][0]['part']])->assertOk();
    expect($this->getJson("/studio/api/galleries/{$this->gallery->id}/laid-out")->json('legibility.hard'))->toBe(0);
    // Each picture is made small once.
    expect($this->app['db']->table('picture_rasters')->count())->toBe(Picture::query()->whereHas('items', fn ($items) => $items->where('gallery_id', $this->gallery->id))->distinct()->count('rendition_key'));
    ($this->dress)($this->gallery, ['captions' => ['place' => 'none']])->assertOk();
    expect($this->getJson("/studio/api/galleries/{$this->gallery->id}/laid-out")->json('legibility.judged'))->toBe(0);
});

it('makes the small copy of a picture with its files, once for each crop of it, and minds no file that is damaged', function (): void {
    $picture = $this->gallery->items()->firstOrFail()->picture;
    $rasters = fn () => $this->app['db']->table('picture_rasters')->where('rendition_key', $picture->refresh()->rendition_key);
    $make = fn () => app(MakePlannedRenditions::class)->handle($picture->refresh());
    expect($rasters()->exists())->toBeFalse();
    $make();
    expect($rasters()->count())->toBe(1);
    // What is there is not made anew, and nobody has to make it who looks.
    $rasters()->update(['numbers' => str_repeat("\0", (int) $rasters()->value('width') * (int) $rasters()->value('height'))]);
    $make();
    expect(count_chars((string) $rasters()->value('numbers'), 1))->toHaveCount(1);
    $before = $picture->rendition_key;
    $this->postJson('/studio/api/pictures/tidy', ['pictures' => [$picture->id], 'recipe' => ['turn' => 1]])->assertNoContent();
    $make();
    expect($picture->refresh()->rendition_key)->not->toBe($before)->and($rasters()->count())->toBe(1);
    $other = $this->other->items()->firstOrFail()->picture;
    foreach (Storage::disk('renditions')->files($other->renditionFolder()) as $file) {
        Storage::disk('renditions')->put($file, 'damaged');
    }
    app(MakePlannedRenditions::class)->handle($other);
    expect($other->refresh()->state)->toBe(PictureState::Ready);
});

it('draws cards with their captions, however narrow they are', function (): void {
    foreach ([['place' => 'below', 'title' => true, 'hidden_within' => 1200], ['place' => 'over', 'title' => true, 'hidden_below' => 1200]] as $captions) {
        ($this->dress)($this->gallery, ['captions' => $captions])->assertOk();
        foreach (['effects', 'drifts'] as $view) {
            foreach ($this->getJson("/studio/api/galleries/{$this->gallery->id}/finishes?view={$view}")->assertOk()->json('cards') as $card) {
                expect($card['css'])->toContain('.zp-said{')->not->toContain('display:none');
            }
        }
    }
});
