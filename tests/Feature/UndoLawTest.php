<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Picture;
use Illuminate\Support\Facades\Queue;

/* Whatever is done in whatever order: taken back step by step it is as it was, and done again as it became. */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(5);
    $this->of = "/studio/api/galleries/{$this->gallery->id}";
    $this->version = fn (): int => Gallery::query()->findOrFail($this->gallery->id)->version;
    /** What a person sees and can tell apart. */
    $this->seen = function (): array {
        $whole = $this->getJson($this->of)->assertOk()->json();

        return [
            $whole['about'], $whole['design'], $whole['albums'],
            array_map(fn (array $item): array => [$item['id'], $item['words'], $item['exceptions'], $item['hidden'], $item['large'], $item['album'], $item['text'] ?? null, $item['picture']['thumbnail'] ?? null], $whole['items']),
            Picture::query()->orderBy('id')->get(['recipe', 'rendition_key', 'width', 'height', 'focal_x', 'focal_y'])->toArray(),
        ];
    };
});

it('comes back step by step, and goes on again', function (int $seed): void {
    $dice = dice($seed);
    $begun = $this->getJson($this->of)->json('undo.entry');
    $seen = [($this->seen)()];
    for ($step = 0; $step < 14; $step++) {
        // Far enough apart to be acts of their own.
        $this->travel(10)->seconds();
        $items = $this->getJson($this->of)->json('items');
        $ids = array_column($items, 'id');
        $some = array_slice($dice->shuffleArray($ids), 0, $dice->getInt(1, 2));
        $pictures = array_values(array_filter(array_map(fn (array $item): ?string => $item['picture']['id'] ?? null, $items)));
        $change = match ($dice->getInt(0, 9)) {
            0, 1 => ['kind' => 'words', 'words' => array_fill_keys($some, ['title' => "T{$step}", 'caption' => '007', 'decorative' => $dice->getInt(0, 1) === 1])],
            2 => ['kind' => 'move', 'items' => $some, 'before' => null],
            3 => ['kind' => 'hide', 'items' => $some, 'hidden' => $dice->getInt(0, 1) === 1],
            4 => ['kind' => 'large', 'items' => $some, 'large' => $dice->getInt(0, 1) === 1],
            5 => ['kind' => 'design', 'design' => ['layout' => ['kind' => ['grid', 'mosaic', 'masonry'][$dice->getInt(0, 2)], 'gap' => $dice->getInt(0, 40)]]],
            6 => count($ids) > 3 ? ['kind' => 'remove', 'items' => [$ids[$dice->getInt(0, count($ids) - 1)]]] : ['kind' => 'about', 'about' => ['title' => "G{$step}"]],
            7 => ['kind' => 'albums', 'albums' => ['list' => [['id' => "A{$step}", 'name' => 'Night']], 'view' => 'headings'], 'of' => [$ids[0] => "A{$step}"]],
            8 => ['kind' => 'tidy', 'pictures' => array_fill_keys([$pictures[$dice->getInt(0, count($pictures) - 1)]], [['turn' => $dice->getInt(1, 3)], ['focal' => [0.25, 0.5]]][$dice->getInt(0, 1)])],
            9 => ['kind' => 'about', 'about' => ['title' => "G{$step}", 'description' => "D{$step}"]],
        };
        $this->change($this->gallery, $change)->assertOk();
        $now = ($this->seen)();
        // What changes nothing is no step.
        $now === $seen[count($seen) - 1] ?: $seen[] = $now;
    }
    for ($at = count($seen) - 2; $at >= 0; $at--) {
        $this->travel(10)->seconds();
        $this->postJson("{$this->of}/undo", ['version' => ($this->version)()])->assertOk();
        expect(($this->seen)())->toEqual($seen[$at], "back to {$at}");
    }
    expect($this->getJson($this->of)->json('undo.entry'))->toBe($begun);
    for ($at = 1; $at < count($seen); $at++) {
        $this->travel(10)->seconds();
        $this->postJson("{$this->of}/redo", ['version' => ($this->version)()])->assertOk();
        expect(($this->seen)())->toEqual($seen[$at], "on to {$at}");
    }
    expect($this->getJson($this->of)->json('redo'))->toBeNull();
})->with(sample([1, 2, 3], 1));
