<?php

declare(strict_types=1);

use App\Models\JournalEntry;
use Illuminate\Support\Facades\Queue;

/* A window whose answers are lost again and again: nothing is done twice, and it never stands in its own way. */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(4);
    $this->of = "/studio/api/galleries/{$this->gallery->id}";
    $this->ids = $this->gallery->items()->orderBy('position')->pluck('id')->all();
});

it('lets one type on, however many answers are lost on the way', function (int $seed): void {
    $dice = dice($seed);
    $heard = $this->gallery->version;
    $tried = [];
    $text = '';
    for ($i = 1; $i <= 25; $i++) {
        $this->travel($dice->getInt(0, 8))->seconds();
        $text .= chr(96 + $i);
        $answer = $this->patchJson($this->of, ['version' => $heard, 'key' => "k{$i}", 'tried' => $tried, 'change' => ['kind' => 'words', 'words' => [$this->ids[1] => ['title' => $text]]]]);
        $answer->assertOk();
        if ($dice->getInt(0, 2) === 0) {
            [$heard, $tried] = [$answer->json('version'), []];
        } else {
            $tried[] = "k{$i}";
        }
    }
    expect($this->gallery->items()->findOrFail($this->ids[1])->title)->toBe($text);
})->with(sample([1, 2, 3, 4], 1));

it('does every act once, however often it is asked for', function (int $seed): void {
    $dice = dice($seed);
    $heard = $this->gallery->version;
    $order = $this->ids;
    $acts = 0;
    for ($i = 1; $i <= 20; $i++) {
        $moved = $order[$dice->getInt(1, 3)];
        $order = [$moved, ...array_values(array_diff($order, [$moved]))];
        // Moved to the front once more it would stay there; after another act it would not.
        $before = JournalEntry::query()->count();
        for ($again = 0; $again <= $dice->getInt(0, 2); $again++) {
            $answer = $this->patchJson($this->of, ['version' => $heard, 'key' => "k{$i}", 'change' => ['kind' => 'move', 'items' => [$moved], 'before' => $order[1]]])->assertOk();
        }
        expect(JournalEntry::query()->count())->toBeLessThanOrEqual($before + 1);
        $heard = $answer->json('version');
        expect($this->gallery->items()->orderBy('position')->pluck('id')->all())->toBe($order);
    }
})->with(sample([5, 6], 1));
