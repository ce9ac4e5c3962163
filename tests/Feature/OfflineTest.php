<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Page;
use App\Models\Picture;
use App\Publishing\EditionFiles;
use App\Publishing\LiveFiles;
use App\Publishing\LiveSite;
use App\Publishing\PicturesOffline;
use App\Publishing\PutEditionLive;
use App\Publishing\Releases;
use App\Publishing\TakeOffline;
use Illuminate\Support\Facades\Queue;

covers(TakeOffline::class, PicturesOffline::class, LiveSite::class, Releases::class, PutEditionLive::class, EditionFiles::class);

/* What is taken off is out of reach at once, and what was live once can be so again. */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->kites = Page::query()->where('slug', 'kites')->sole();
    $this->gallery = $this->galleryOf(3);
    $this->pane = $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->json('id');
    $this->putLive($this->gallery)->assertOk();
    $this->html = fn (string $path): string => (string) $this->get($path)->assertOk()->baseResponse->getFile()->getContent();
    $this->keys = fn (): array => array_map(basename(...), glob("{$this->files}/live/media/*"));
    // Every word that visitors can fetch, of pages and embeds.
    $this->words = fn (): string => implode('', array_map(fn (string $path): string => (string) file_get_contents($path), array_filter([...glob("{$this->files}/live/current/*/*"), ...glob("{$this->files}/live/current/*/*/*")], is_file(...))));
    $this->pictures = fn (): array => $this->gallery->items()->with('picture')->orderBy('position')->get()->map(fn ($item): Picture => $item->picture)->all();
});

it('takes a gallery off every page and embed, and leaves nothing of it in reach', function (): void {
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Secret words', 'description' => 'Very secret', 'shows_title' => true]])->assertOk();
    $this->putLive($this->gallery)->assertOk();
    expect(($this->words)())->toContain('Secret words')->and(($this->keys)())->toHaveCount(3);
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/offline")->assertOk()->assertJsonPath('live.at', null)->assertJsonPath('live.changes.0', 'first time live');
    expect(($this->words)())->not->toContain('Secret words')->and(($this->keys)())->toBe([]);
    $this->get("/embed/{$this->gallery->id}.json")->assertNotFound();
    // Where it stood is kept.
    $this->putLive($this->gallery)->assertOk();
    expect(($this->html)('/kites'))->toContain('zp-pane')->and(($this->keys)())->toHaveCount(3);
});

it('takes a page offline until somebody puts that very page live', function (): void {
    $this->postJson("/studio/api/pages/{$this->kites->id}/offline")->assertNoContent();
    $this->get('/kites')->assertNotFound();
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Other']])->assertOk();
    $this->putLive($this->gallery)->assertOk();
    $this->get('/kites')->assertNotFound();
    $this->postJson('/studio/api/site/live', ['galleries' => [], 'pages' => [$this->kites->id]])->assertNoContent();
    expect($this->get('/kites')->assertOk()->getStatusCode())->toBe(200)->and($this->kites->refresh()->is_offline)->toBeFalse();
});

it('takes a picture off everywhere, also out of drafts that go live later, until it is allowed again', function (): void {
    $second = $this->galleryOf(1, 60);
    [$first] = ($this->pictures)();
    $this->postJson("/studio/api/galleries/{$second->id}/items", ['pictures' => [$first->id]])->assertCreated();
    $this->putLive($second)->assertOk();
    $this->postJson('/studio/api/pictures/offline', ['pictures' => [$first->id]])->assertNoContent();
    expect(($this->words)())->not->toContain($first->rendition_key)->and(($this->keys)())->not->toContain($first->rendition_key)
        ->and(substr_count(($this->html)('/kites'), '<li class="zp-n'))->toBe(2);
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Other']])->assertOk();
    $this->putLive($this->gallery)->assertOk();
    expect(($this->words)())->not->toContain($first->rendition_key);
    $this->postJson('/studio/api/pictures/online', ['pictures' => [$first->id]])->assertNoContent();
    $this->putLive($this->gallery)->assertOk();
    expect(($this->html)('/kites'))->toContain($first->rendition_key);
});

it('deletes of a picture that is deleted for good what was published of it', function (): void {
    [$first] = ($this->pictures)();
    $this->change($this->gallery, ['kind' => 'remove', 'items' => [$this->gallery->items()->orderBy('position')->value('id')]])->assertOk();
    // Not live yet: visitors still have it.
    expect(($this->words)())->toContain($first->rendition_key);
    $this->postJson('/studio/api/pictures/bin', ['pictures' => [$first->id]])->assertOk();
    $this->postJson('/studio/api/pictures/delete', ['pictures' => [$first->id]])->assertJsonPath('deleted', 1);
    expect(($this->words)())->not->toContain($first->rendition_key)->and(($this->keys)())->not->toContain($first->rendition_key);
    // The step that took it out can be taken back, without it, and so can all before.
    $step = fn () => $this->postJson("/studio/api/galleries/{$this->gallery->id}/undo", ['version' => $this->gallery->refresh()->version]);
    $step()->assertOk()->assertJsonPath('gone', 1);
    expect($this->gallery->items()->count())->toBe(2);
    $step()->assertOk();
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/redo", ['version' => $this->gallery->refresh()->version])->assertOk();
});

it('takes out of reach what a new edition shows no more', function (): void {
    [$first, $second] = ($this->pictures)();
    $this->change($this->gallery, ['kind' => 'hide', 'items' => [$this->gallery->items()->orderBy('position')->value('id')], 'hidden' => true])->assertOk();
    $other = $this->galleryOf(1, 70);
    $this->postJson("/studio/api/galleries/{$other->id}/items", ['pictures' => [$second->id]])->assertCreated();
    $this->putLive($other)->assertOk();
    $this->putLive($this->gallery)->assertOk();
    expect(($this->keys)())->not->toContain($first->rendition_key)->toContain($second->rendition_key);
    // What another gallery shows still is in reach, however often this one goes.
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/offline")->assertOk();
    expect(($this->keys)())->toContain($second->rendition_key);
});

it('goes by what was said to be live, where the swap was done and nobody came to say it', function (): void {
    $shown = fn (): string => (string) readlink("{$this->files}/live/current");
    $before = $shown();
    // Killed between the swap and the word: the next start goes by the word.
    app(LiveFiles::class)->show(app(LiveFiles::class)->write(['pages/kites.html' => 'half']));
    app(LiveSite::class)->settle();
    expect($shown())->toBe($before)->and(($this->html)('/kites'))->toContain('zp-pane');
});

it('tells the history of a gallery in words, and goes back to any point of it as a new act', function (): void {
    $this->travel(10)->seconds();
    $states = [];
    $ids = $this->gallery->items()->orderBy('position')->pluck('id')->all();
    $document = fn (): array => [$this->gallery->refresh()->title, $this->gallery->design->toArray(), $this->gallery->items()->orderBy('position')->get(['id', 'is_hidden', 'caption'])->toArray()];
    foreach ([['kind' => 'design', 'design' => ['layout' => ['gap' => 9]]], ['kind' => 'design', 'design' => ['layout' => ['gap' => 14]]], ['kind' => 'remove', 'items' => [$ids[1]]], ['kind' => 'order', 'items' => [$ids[2], $ids[0]]], ['kind' => 'words', 'words' => [$ids[0] => ['caption' => 'Low']]], ['kind' => 'hide', 'items' => [$ids[2]], 'hidden' => true]] as $i => $change) {
        $this->change($this->gallery, $change)->assertOk();
        $i === 0 || $states[] = $document();
        $i === 0 || $this->travel(10)->seconds();
    }
    $acts = $this->getJson("/studio/api/galleries/{$this->gallery->id}/history")->assertOk()->json('acts');
    // Two steps of one slider are one act.
    expect(array_column(array_slice($acts, 0, 5), 'says'))->toBe(['hid a picture', 'changed the caption of a picture', 'changed the order', 'took out a picture', 'gap 8 px to 14 px'])
        ->and($acts[0])->toMatchArray(['by' => 'Owner', 'undone' => false, 'live' => false])->and($acts[3]['pictures'])->toHaveCount(1);
    foreach ([4 => 0, 2 => 2, 3 => 1] as $act => $state) {
        $version = $this->gallery->refresh()->version;
        $this->travel(10)->seconds();
        $before = $document();
        $this->postJson("/studio/api/galleries/{$this->gallery->id}/back", ['version' => $version, 'entry' => $acts[$act]['id']])->assertOk()->assertJsonPath('undo.says', "went back to after: {$acts[$act]['says']}");
        expect($document())->toEqual($states[$state]);
        $this->postJson("/studio/api/galleries/{$this->gallery->id}/undo", ['version' => $version + 1])->assertOk();
        expect($document())->toEqual($before);
    }
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/back", ['version' => $this->gallery->refresh()->version, 'entry' => 999_999])->assertStatus(409);
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/back", ['version' => 1, 'entry' => $acts[4]['id']])->assertStatus(409)->assertJsonPath('code', 'stale-version');
    $this->change($this->gallery, ['kind' => 'together', 'says' => 'x', 'changes' => []])->assertStatus(422)->assertJsonPath('field', 'kind');
});

it('puts an earlier edition live again, without what was deleted since, and leaves the draft as it is', function (): void {
    [$first] = ($this->pictures)();
    $then = ($this->html)('/kites');
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['columns' => 7]]])->assertOk();
    $this->change($this->gallery, ['kind' => 'remove', 'items' => [$this->gallery->items()->orderBy('position')->value('id')]])->assertOk();
    $this->putLive($this->gallery)->assertOk();
    $editions = $this->getJson("/studio/api/galleries/{$this->gallery->id}/history")->json('editions');
    expect(array_column($editions, 'live'))->toBe([true, false])->and(array_column($editions, 'pictures'))->toBe([2, 3])->and(($this->keys)())->not->toContain($first->rendition_key);
    expect($this->get("/studio/edition/{$editions[1]['id']}")->assertOk()->getContent())->toContain($first->rendition_key);
    $this->postJson("/studio/api/editions/{$editions[1]['id']}/live")->assertOk()->assertJsonPath('gone', 0);
    expect(($this->html)('/kites'))->toBe($then)->and(($this->keys)())->toContain($first->rendition_key)
        ->and($this->getJson("/studio/api/galleries/{$this->gallery->id}")->json('live.changes'))->toBe(['how many columns 3 to 7', 'took out a picture'])
        ->and($this->gallery->refresh()->design->layout->columns)->toBe(7);
    $this->postJson('/studio/api/pictures/bin', ['pictures' => [$first->id]]);
    $this->postJson('/studio/api/pictures/delete', ['pictures' => [$first->id]])->assertJsonPath('deleted', 1);
    $this->postJson("/studio/api/editions/{$editions[1]['id']}/live")->assertOk()->assertJsonPath('gone', 1);
    expect(substr_count(($this->html)('/kites'), '<li class="zp-n'))->toBe(2);
});
