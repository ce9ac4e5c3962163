<?php

declare(strict_types=1);

use App\Models\Page;
use App\Models\Pane;
use App\Models\SiteEntry;
use App\Models\User;
use App\Pages\SiteHistory;
use App\Pages\SiteJournal;
use App\Pages\Snapshot;
use App\Publishing\PutLive;
use Illuminate\Support\Facades\Queue;

covers(SiteJournal::class, Snapshot::class, SiteHistory::class, PutLive::class);

/* The way back from all that is done to pages, and putting live what was chosen. */

beforeEach(function (): void {
    Queue::fake();
    $this->owner = $this->signIn();
    [$this->home, $this->kites] = [Page::query()->where('slug', 'home')->sole(), Page::query()->where('slug', 'kites')->sole()];
    $this->gallery = $this->galleryOf(3);
    $this->make = fn (array $told) => $this->postJson('/studio/api/pages', $told);
    $this->patch = fn (Page $page, array $told) => $this->patchJson("/studio/api/pages/{$page->id}", $told);
    $this->place = fn (?string $page = null, int $spot = 1, ?string $gallery = null): string => $this->postJson('/studio/api/panes', ['page_id' => $page, 'gallery_id' => $gallery ?? $this->gallery->id, 'spot' => $spot])->assertCreated()->json('id');
    $this->set = fn (string $pane, array $told) => $this->patchJson("/studio/api/panes/{$pane}", $told);
    $this->listed = fn (string $slug): array => collect($this->getJson('/studio/api/pages')->assertOk()->json())->firstWhere('slug', $slug) ?? [];
    $this->html = fn (string $path): string => (string) $this->get($path)->assertOk()->baseResponse->getFile()->getContent();
    $this->undo = fn (array $more = []) => $this->postJson('/studio/api/site/undo', $more);
});

it('takes every act back by name and does it again, whatever was done', function (int $seed): void {
    $dice = dice($seed);
    $state = fn (): array => [Snapshot::now()->pages, Snapshot::now()->panes];
    $states = [$state()];
    $pick = fn (array $all) => $all[$dice->getInt(0, count($all) - 1)];
    while (count($states) < 14) {
        $this->travel(11)->seconds();
        $pages = Page::query()->get()->all();
        $panes = Pane::query()->pluck('id')->all();
        match ($dice->getInt(0, 6)) {
            0 => ($this->make)(['title' => 'Page '.count($states)]),
            1 => ($this->patch)($pick($pages), ['title' => 'T'.count($states), 'menu_label' => $pick([null, 'L'.count($states)])]),
            2 => ($this->place)($pick($pages)->id, 0),
            3 => $panes === [] ? null : ($this->set)($pick($panes), ['place' => ['width' => $pick(['half', 'text', 'edges', 'wide'])]]),
            4 => $panes === [] ? null : $this->deleteJson('/studio/api/panes/'.$pick($panes)),
            5 => count($pages) < 3 ? null : $this->deleteJson('/studio/api/pages/'.$pick($pages)->id),
            default => $panes === [] ? null : ($this->set)($pick($panes), ['exceptions' => ['design' => ['layout' => ['columns' => $dice->getInt(1, 12)]]]]),
        };
        $now = $state();
        $now === end($states) ?: $states[] = $now;
    }
    for ($i = count($states) - 2; $i >= 0; $i--) {
        ($this->undo)()->assertNoContent();
        expect($state())->toEqual($states[$i], "back to {$i}");
    }
    for ($i = 1; $i < count($states); $i++) {
        $this->postJson('/studio/api/site/redo')->assertNoContent();
        expect($state())->toEqual($states[$i], "again {$i}");
    }
    // And to any point, as a new act that undo takes back.
    $this->travel(11)->seconds();
    $acts = array_reverse($this->getJson('/studio/api/site/history')->assertOk()->json('acts'));
    $point = $dice->getInt(0, count($acts) - 2);
    $this->postJson('/studio/api/site/back', ['entry' => $acts[$point]['id']])->assertNoContent();
    expect($state())->toEqual($states[$point + 1]);
    ($this->undo)()->assertNoContent();
    expect($state())->toEqual(end($states));
})->with(sample([1, 2, 3], 1));

it('joins steps of one act, tells who did it, and takes nothing of another person back unasked', function (): void {
    $pane = ($this->place)($this->kites->id);
    $this->travel(20)->seconds();
    foreach ([500, 540, 558] as $px) {
        ($this->set)($pane, ['place' => ['width' => 'px', 'px' => $px]])->assertNoContent();
    }
    // Of another setting it is another act, however soon.
    ($this->set)($pane, ['exceptions' => ['design' => ['layout' => ['columns' => 5]]]])->assertNoContent();
    ($this->undo)()->assertNoContent();
    expect(Pane::query()->findOrFail($pane)->only(['place', 'exceptions']))->toMatchArray(['exceptions' => []]);
    $acts = array_slice($this->getJson('/studio/api/site/history')->json('acts'), 1);
    expect($acts[0])->toMatchArray(['says' => "Kites: “{$this->gallery->title}”: 558 px wide, to the left", 'by' => 'Owner', 'undone' => false])->and($acts)->toHaveCount(2);
    $this->actingAs(User::query()->create(['name' => 'Ben', 'email' => 'ben@saltreed.example', 'password' => 'x']));
    $entry = $this->getJson('/studio/api/site')->assertJsonPath('undo.by', 'Owner')->json('undo.entry');
    ($this->undo)()->assertStatus(409)->assertJsonPath('code', 'nothing-left');
    ($this->undo)(['entry' => $entry])->assertNoContent();
    expect(Pane::query()->findOrFail($pane)->place)->toBe([]);
    // Changed since by another way: it is not forced.
    $this->postJson('/studio/api/site/redo')->assertNoContent();
    Pane::query()->findOrFail($pane)->update(['spot' => 0]);
    ($this->undo)(['entry' => $entry])->assertStatus(409);
    expect(SiteEntry::query()->count())->toBe(3);
});

it('puts chosen galleries and pages live in one act, or nothing of them', function (): void {
    $other = $this->galleryOf(1, 40);
    ($this->place)($this->kites->id);
    ($this->place)($this->home->id, 0, $other->id);
    $this->putLive($this->gallery)->assertOk();
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Other']])->assertOk();
    ($this->patch)($this->home, ['title' => 'Start'])->assertNoContent();
    $live = fn (array $galleries, array $pages) => $this->postJson('/studio/api/site/live', ['galleries' => $galleries, 'pages' => $pages]);
    $live([$this->gallery->id => 1, $other->id => $other->refresh()->version], [$this->home->id])->assertStatus(409)->assertJsonPath('code', 'stale-version');
    expect(($this->html)('/'))->toContain('<title>Home</title>')->not->toContain('zp-pane');
    expect($this->get("/studio/next/{$this->home->id}?galleries={$other->id}&pages=")->assertOk()->getContent())->toContain('zp-pane')->toContain('<title>Home</title>');
    $live([$this->gallery->id => $this->gallery->refresh()->version, $other->id => $other->version], [$this->home->id])->assertNoContent();
    expect(($this->html)('/'))->toContain('<title>Start</title>')->toContain('zp-pane')
        ->and($this->getJson('/studio/api/site')->json('galleries.*.changes'))->toBe([[], []]);
    $live(['nobody' => 1], [])->assertNotFound();
    $live(['x' => 'y'], [])->assertStatus(422);
});

it('tells of a page that visitors still have after its making was taken back, and takes it from them', function (): void {
    $id = ($this->make)(['title' => 'Repairs'])->assertCreated()->json('id');
    $this->postJson('/studio/api/site/live', ['galleries' => [], 'pages' => [$id]])->assertNoContent();
    $gone = fn (): array => $this->getJson('/studio/api/site')->assertOk()->json('gone');
    expect($gone())->toBe([]);

    ($this->undo)()->assertNoContent();
    $this->get('/repairs')->assertOk();
    expect($gone())->toBe([['id' => $id, 'title' => 'Repairs']])->and(($this->listed)('repairs'))->toBe([]);

    $this->postJson('/studio/api/site/live', ['galleries' => [], 'pages' => [$id]])->assertNoContent();
    $this->get('/repairs')->assertNotFound();
    expect($gone())->toBe([])->and(($this->html)('/'))->not->toContain('Repairs');
});
