<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Page;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/* Galleries as a whole: the list, doubled, deleted, and all of it taken back. */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(3);
    $this->of = "/studio/api/galleries/{$this->gallery->id}";
    $this->page = Page::query()->where('slug', 'kites')->sole();
    $this->live = fn (): string => (string) file_get_contents("{$this->files}/live/current/pages/kites.html");
    $this->place = fn () => $this->postJson('/studio/api/panes', ['page_id' => $this->page->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated();
});

it('doubles a gallery: words, order, design, albums; where it stands and what was done are its own', function (): void {
    $ids = $this->gallery->items()->orderBy('position')->pluck('id')->all();
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$ids[0] => ['title' => 'Red sail'], $ids[1] => ['decorative' => true]]])->assertOk();
    $this->change($this->gallery, ['kind' => 'albums', 'albums' => ['list' => [['id' => 'A', 'name' => 'Night']], 'view' => 'tabs']])->assertOk();
    $this->change($this->gallery, ['kind' => 'albums', 'of' => [$ids[2] => 'A']])->assertOk();
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['kind' => 'rows', 'gap' => 3]]])->assertOk();
    ($this->place)();
    $first = $this->getJson($this->of)->json();
    $copy = $this->postJson("{$this->of}/duplicate")->assertCreated()->json();
    expect($copy['about']['title'])->toBe('Kites copy')->and($copy['version'])->toBe(1)->and($copy['undo'])->toBeNull()->and($copy['panes'])->toBe([])
        ->and($copy['design'])->toBe($first['design'])->and($copy['albums'])->toBe($first['albums'])
        ->and(array_map(fn (array $item): array => array_diff_key($item, ['id' => 1]), $copy['items']))->toBe(array_map(fn (array $item): array => array_diff_key($item, ['id' => 1]), $first['items']))
        ->and(array_intersect(array_column($copy['items'], 'id'), $ids))->toBe([]);
    $long = Gallery::query()->findOrFail($copy['id']);
    $long->update(['title' => str_repeat('é', 120)]);
    expect(mb_strlen($this->postJson("/studio/api/galleries/{$long->id}/duplicate")->assertCreated()->json('about.title')))->toBe(120);
});

it('deletes a gallery, for visitors too, and brings it back as it was', function (): void {
    ($this->place)();
    $this->putLive($this->gallery)->assertOk();
    $before = ($this->live)();
    $known = $this->getJson($this->of)->json();
    $key = $this->gallery->items()->firstOrFail()->picture->rendition_key;
    expect($before)->toContain('zp-tiles')->and(glob("{$this->files}/live/media/{$key}/*"))->not->toBe([]);

    $this->deleteJson($this->of)->assertNoContent();
    expect(($this->live)())->not->toContain('zp-tiles')->and(glob("{$this->files}/live/media/{$key}/*"))->toBe([])
        ->and(is_file("{$this->files}/live/current/embed/{$this->gallery->id}.json"))->toBeFalse();
    $this->getJson($this->of)->assertNotFound();
    $this->getJson('/studio/api/galleries')->assertJsonCount(0);
    $this->getJson('/studio/api/pages')->assertOk()->assertJsonMissing(['gallery_id' => $this->gallery->id]);

    $this->postJson("{$this->of}/restore")->assertNoContent();
    expect(($this->live)())->toBe($before)->and(glob("{$this->files}/live/media/{$key}/*"))->not->toBe([]);
    $back = $this->getJson($this->of)->assertOk()->json();
    expect(array_diff_key($back, ['stamp' => 1, 'saved_at' => 1]))->toBe(array_diff_key($known, ['stamp' => 1, 'saved_at' => 1]));
    $this->postJson("{$this->of}/restore")->assertNotFound();
});

it('leaves what another live gallery shows where it is', function (): void {
    $other = $this->postJson("{$this->of}/duplicate")->json('id');
    $this->putLive($this->gallery)->assertOk();
    $this->putLive(Gallery::query()->findOrFail($other))->assertOk();
    $key = $this->gallery->items()->firstOrFail()->picture->rendition_key;
    $this->deleteJson($this->of)->assertNoContent();
    expect(glob("{$this->files}/live/media/{$key}/*"))->not->toBe([])->and(is_file("{$this->files}/live/current/embed/{$other}.json"))->toBeTrue();
    $this->deleteJson("/studio/api/galleries/{$other}")->assertNoContent();
    expect(glob("{$this->files}/live/media/{$key}/*"))->toBe([]);
});

it('draws a card anew whenever something of it changed, and not before', function (): void {
    $card = fn (): array => $this->getJson('/studio/api/galleries')->assertOk()->json('0');
    $reads = function () use ($card): int {
        $count = 0;
        DB::listen(function ($query) use (&$count): void {
            $count += str_contains($query->sql, 'gallery_items" as "i"') ? 1 : 0;
        });
        $card();

        return $count;
    };
    $first = $card();
    $this->travel(5)->seconds();
    $card();
    expect($reads())->toBe(0)->and($card())->toBe($first);
    $ids = $this->gallery->items()->pluck('id')->all();
    foreach ([
        fn () => $this->change($this->gallery, ['kind' => 'hide', 'items' => [$ids[0]], 'hidden' => true])->assertOk(),
        fn () => $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Night']])->assertOk(),
        fn () => ($this->place)(),
        fn () => $this->putLive($this->gallery)->assertOk(),
        fn () => $this->patchJson('/studio/api/panes/'.$this->gallery->panes()->sole()->id, ['place' => ['width' => 'half']])->assertNoContent(),
        fn () => $this->patchJson('/studio/api/pictures/'.$this->gallery->items()->reorder('position', 'desc')->firstOrFail()->picture_id, ['recipe' => ['turn' => 1]])->assertOk(),
    ] as $i => $act) {
        $before = $card();
        $this->travel(5)->seconds();
        $act();
        $after = $card();
        expect($after)->not->toBe($before, "act {$i}");
        $this->travel(5)->seconds();
        expect($card())->toBe($after);
    }
});
