<?php

declare(strict_types=1);

use App\Models\Edition;
use App\Models\JournalEntry;
use App\Models\Picture;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(2);
    $this->item = $this->gallery->items->first();
    $this->words = fn (array $words) => $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->item->id => $words]])->assertOk();
});

it('saves a change that only looks like none', function (array $first, array $then): void {
    ($this->words)($first);
    ($this->words)($then);
    expect($this->item->refresh()->ownWords()->toArray())->toMatchArray($then);
})->with([
    'a number with zeros before it' => [['title' => '7'], ['title' => '007']],
    'a number written otherwise' => [['title' => '10'], ['title' => '1e1']],
    'no longer decorative, and not only not said' => [['decorative' => null], ['decorative' => false]],
    'nothing on purpose, and not the own word' => [['caption' => null], ['caption' => '']],
]);

it('writes nothing into the journal where nothing changes', function (): void {
    ($this->words)(['title' => '007', 'decorative' => false]);
    $entries = JournalEntry::query()->count();
    ($this->words)(['title' => '007', 'decorative' => false]);
    expect(JournalEntry::query()->count())->toBe($entries);
});

it('tells own words that only look the same among what is not live', function (): void {
    Picture::query()->whereKey($this->item->picture_id)->update(['title' => '7']);
    $this->putLive($this->gallery)->assertOk();
    expect(Edition::query()->count())->toBe(1);
    $this->patchJson("/studio/api/pictures/{$this->item->picture_id}", ['words' => ['title' => '007']])->assertOk();
    expect($this->getJson("/studio/api/galleries/{$this->gallery->id}")->json('live.changes'))->toBe(['changed the own words of a picture']);
});
