<?php

declare(strict_types=1);

use App\Models\EntryState;
use App\Models\JournalEntry;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(3);
    $this->state = fn (): array => collect($this->getJson("/studio/api/galleries/{$this->gallery->id}")->json())
        ->only(['title', 'design'])->put('items', array_map(
            static fn (array $item): array => [$item['id'], $item['words']],
            $this->getJson("/studio/api/galleries/{$this->gallery->id}")->json('items'),
        ))->all();
    $this->step = fn (string $way) => $this->postJson("/studio/api/galleries/{$this->gallery->id}/{$way}", ['version' => $this->gallery->refresh()->version]);
});

it('undoes everything back to the beginning and does it all again', function (): void {
    [$a, $b, $c] = $this->gallery->items()->pluck('id')->all();
    $states = [($this->state)()];
    foreach ([
        ['kind' => 'about', 'about' => ['title' => 'Night flying']],
        ['kind' => 'design', 'design' => ['layout' => ['columns' => 5]]],
        ['kind' => 'words', 'words' => [$b => ['title' => 'Lantern', 'alt' => '']]],
        ['kind' => 'move', 'items' => [$c], 'before' => $a],
        ['kind' => 'remove', 'items' => [$a, $b]],
    ] as $change) {
        $this->change($this->gallery, $change)->assertOk();
        $states[] = ($this->state)();
    }
    for ($i = 4; $i >= 0; $i--) {
        ($this->step)('undo')->assertOk()->assertJsonPath('redo.by', null);
        expect(($this->state)())->toEqual($states[$i]);
    }
    for ($i = 1; $i <= 5; $i++) {
        ($this->step)('redo')->assertOk();
        expect(($this->state)())->toEqual($states[$i]);
    }
    ($this->step)('redo')->assertStatus(409)->assertJsonPath('code', 'nothing-left');
});

it('drops what was undone once something else is done', function (): void {
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'One']])->assertOk();
    ($this->step)('undo')->assertOk();
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Two']])->assertOk()->assertJsonPath('redo', null);
    ($this->step)('redo')->assertStatus(409);
    expect(JournalEntry::query()->where('state', EntryState::Superseded)->count())->toBe(1);
});

it('answers a stale version with what happened since, and overwrites nothing', function (): void {
    $version = $this->gallery->version;
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Theirs']], $version)->assertOk();
    $before = ($this->state)();
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Mine']], $version)->assertStatus(409)
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('code', 'stale-version')->assertJsonPath('current_version', $version + 1)->assertJsonPath('since', ['renamed the gallery']);
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/undo", ['version' => $version])->assertStatus(409);
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/live", ['version' => $version])->assertStatus(409);
    expect(($this->state)())->toEqual($before);
});

it('refuses settings that cannot be, with field and range, and keeps the design', function (mixed $columns): void {
    $before = $this->gallery->refresh()->design;
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => 20, 'columns' => $columns]]])
        ->assertStatus(422)->assertJsonPath('field', 'design.layout.columns')->assertJsonPath('allowed', 'a whole number from 1 to 12');
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => -5]]])
        ->assertStatus(422)->assertJsonPath('field', 'design.layout.gap')->assertJsonPath('allowed', 'a whole number from 0 to 80 px');
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['sparkle' => true]]])
        ->assertStatus(422)->assertJsonPath('field', 'design.layout.sparkle');
    expect($this->gallery->refresh()->design)->toEqual($before);
})->with(['none' => 0, 'far too many' => 99, 'a word' => 'three', 'a list' => [[3]]]);

it('lets nobody speak as the journal does', function (string $kind): void {
    $this->change($this->gallery, ['kind' => $kind, 'items' => []])->assertStatus(422)->assertJsonPath('code', 'change-not-possible')->assertJsonPath('field', 'kind');
})->with(['add', 'explode']);

it('does not write down what changes nothing', function (): void {
    $version = $this->gallery->refresh()->version;
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => ' Kites ']])->assertOk()->assertJsonPath('version', $version);
});

it('answers a change with the proof of it', function (): void {
    $design = fn (int $columns, ?string $shows) => $this->patchJson("/studio/api/galleries/{$this->gallery->id}", [
        'version' => $this->gallery->refresh()->version, 'shows' => $shows, 'change' => ['kind' => 'design', 'design' => ['layout' => ['columns' => $columns, 'last_row' => 'centre']]],
    ])->assertOk();
    $out = $design(2, '')
        ->assertJsonPath('laid_out.measures.wide.rows', 2)->assertJsonPath('laid_out.measures.wide.complete', 1)->assertJsonPath('laid_out.measures.wide.height', 749)->assertJsonPath('laid_out.measures.phone.smallest', 115);
    $proof = $out->json('laid_out.proof');
    // What is on the screen already is not sent again, and nothing is made for a screen that shows none.
    $this->getJson("/studio/api/galleries/{$this->gallery->id}/laid-out?html={$proof['key']}")->assertOk()->assertJsonPath('proof.html', null)->assertJsonPath('proof.css', $proof['css']);
    $design(3, $proof['key'])->assertJsonPath('laid_out.proof.html', fn (?string $html): bool => $html === null || ! str_contains($html, $proof['key']));
    $design(4, null)->assertJsonPath('laid_out', null);
    expect($proof['css'])->toContain('repeat(2,minmax(0,1fr))')->toContain('margin-inline-start:calc(25%')
        ->and(substr_count($proof['html'], '<li '))->toBe(3);
});

it('counts the steps of a slider as one act, told from where it began to where it ended', function (): void {
    $gap = fn (int $px) => $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => $px]]])->assertOk();
    $entries = JournalEntry::query()->count();
    foreach (range(9, 20) as $px) {
        $gap($px);
    }
    expect(JournalEntry::query()->count())->toBe($entries + 1)
        ->and(JournalEntry::query()->latest('id')->firstOrFail()->summary)->toBe('gap 8 px to 20 px');
    ($this->step)('undo')->assertOk()->assertJsonPath('design.layout.gap', 8);
    ($this->step)('redo')->assertOk()->assertJsonPath('design.layout.gap', 20);
    // What was taken back and done again is an act of its own.
    $gap(21);
    expect(JournalEntry::query()->count())->toBe($entries + 2);
});

it('begins another act after a pause, for another setting, and once it is live', function (): void {
    $set = fn (array $layout) => $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => $layout]])->assertOk();
    $set(['gap' => 10]);
    $entries = JournalEntry::query()->count();
    $set(['columns' => 4]);
    expect(JournalEntry::query()->count())->toBe($entries + 1);
    $this->travel(10)->seconds();
    $set(['columns' => 5]);
    expect(JournalEntry::query()->count())->toBe($entries + 2);
    $this->putLive($this->gallery)->assertOk();
    $set(['columns' => 6]);
    expect(JournalEntry::query()->count())->toBe($entries + 3);
});

it('leaves no trace of a slider that was moved back', function (): void {
    $entries = JournalEntry::query()->count();
    foreach ([9, 12, 8] as $px) {
        $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => $px]]])->assertOk();
    }
    expect(JournalEntry::query()->count())->toBe($entries);
});
