<?php

declare(strict_types=1);

use App\Models\Picture;
use Illuminate\Support\Facades\Queue;
use Tests\Books;
use Tests\SeededPicture;

/*
 * Whatever is done with pictures, galleries, the bin and visitors in whatever order: what the application says of them
 * is what somebody wrote down who saw each act and knows nothing of it (tests/Books.php).
 */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->books = new Books;
    foreach ([1, 2] as $n) {
        $this->books->galleries[$this->emptyGallery()->id] = [];
    }
    foreach (range(1, 7) as $n) {
        $this->books->pictures[] = SeededPicture::of($this->pictureFile('jpg', 300, 200, $n), "kite-{$n}.jpg")->id;
    }
    $this->rendition = Picture::query()->pluck('id', 'rendition_key')->all();
    /** @var Closure(string): list<array{id: string, picture: string, hidden: bool}> $shown as the studio shows a gallery */
    $this->shown = fn (string $gallery): array => array_map(
        static fn (array $item): array => ['id' => $item['id'], 'picture' => $item['picture']['id'], 'hidden' => $item['hidden']],
        $this->getJson("/studio/api/galleries/{$gallery}")->assertOk()->json('items'),
    );
    $this->found = fn (string $query): array => array_column($this->getJson("/studio/api/pictures?{$query}")->assertOk()->json('pictures'), 'id');
    $version = fn (string $gallery): int => $this->getJson("/studio/api/galleries/{$gallery}")->json('version');
    // Sends a change of those of some pictures that stand in the gallery, and writes down what becomes of its rows.
    $onItems = function (string $gallery, array $some, array $change, Closure $becomes) use ($version): void {
        $rows = $this->books->galleries[$gallery];
        $places = array_keys(array_filter($rows, static fn (array $row): bool => in_array($row['picture'], $some, true)));
        if ($places !== []) {
            $ids = array_column(($this->shown)($gallery), 'id');
            $items = array_map(static fn (int $place): string => $ids[$place], $places);
            $this->patchJson("/studio/api/galleries/{$gallery}", ['version' => $version($gallery), 'change' => ['items' => $items] + $change])->assertOk();
            $this->books->write($gallery, $becomes($rows, $places));
        }
    };
    $step = function (string $gallery, string $way, ?array $becomes) use ($version): void {
        // What would bring a picture back that lies in the bin is not asked for here.
        if ($becomes !== null && array_intersect(array_column($becomes, 'picture'), $this->books->bin) === []) {
            $this->postJson("/studio/api/galleries/{$gallery}/{$way}", ['version' => $version($gallery)])->assertOk();
            $this->books->{$way}($gallery);
        }
    };
    $setHidden = static fn (array $rows, array $places, bool $hidden): array => array_map(static fn (array $row, int $place): array => ['picture' => $row['picture'], 'hidden' => in_array($place, $places, true) ? $hidden : $row['hidden']], $rows, array_keys($rows));
    $this->acts = [
        'put in' => function (string $gallery, array $some): void {
            $some = array_values(array_diff($some, $this->books->bin, array_column($this->books->galleries[$gallery], 'picture')));
            if ($some !== []) {
                $this->postJson("/studio/api/galleries/{$gallery}/items", ['pictures' => $some])->assertCreated();
                $this->books->write($gallery, [...$this->books->galleries[$gallery], ...array_map(static fn (string $picture): array => ['picture' => $picture, 'hidden' => false], $some)]);
            }
        },
        'remove' => fn (string $gallery, array $some) => $onItems($gallery, $some, ['kind' => 'remove'], static fn (array $rows, array $places): array => array_values(array_diff_key($rows, array_flip($places)))),
        'hide' => fn (string $gallery, array $some) => $onItems($gallery, $some, ['kind' => 'hide', 'hidden' => true], static fn (array $rows, array $places): array => $setHidden($rows, $places, true)),
        'show' => fn (string $gallery, array $some) => $onItems($gallery, $some, ['kind' => 'hide', 'hidden' => false], static fn (array $rows, array $places): array => $setHidden($rows, $places, false)),
        'move' => fn (string $gallery, array $some) => $onItems($gallery, $some, ['kind' => 'move', 'before' => null], static fn (array $rows, array $places): array => [...array_values(array_diff_key($rows, array_flip($places))), ...array_map(static fn (int $place): array => $rows[$place], $places)]),
        'undo' => fn (string $gallery) => $step($gallery, 'undo', $this->books->undone($gallery)),
        'redo' => fn (string $gallery) => $step($gallery, 'redo', $this->books->redone($gallery)),
        'publish' => function (string $gallery) use ($version): void {
            $this->postJson("/studio/api/galleries/{$gallery}/live", ['version' => $version($gallery)])->assertOk();
            $this->books->publish($gallery);
        },
        'bin' => function (string $gallery, array $some): void {
            // What only visitors still see is not asked for here.
            $some = array_values(array_diff($some, $this->books->visible()));
            if ($some === []) {
                return;
            }
            $stays = array_values(array_intersect($some, $this->books->used()));
            $told = array_column($this->postJson('/studio/api/pictures/bin', ['pictures' => $some])->assertOk()->json('in_use'), 'id');
            expect($told)->toEqualCanonicalizing($stays);
            $this->books->bin = array_values(array_unique([...$this->books->bin, ...array_diff($some, $stays)]));
        },
        'restore' => function (string $gallery, array $some): void {
            $this->postJson('/studio/api/pictures/restore', ['pictures' => $some])->assertSuccessful();
            $this->books->bin = array_values(array_diff($this->books->bin, $some));
        },
    ];
});

it('says of pictures what the books say', function (int $seed): void {
    $dice = dice($seed);
    $done = [];
    for ($step = 1; $step <= (isLong() ? 60 : 40); $step++) {
        // Far enough apart to be acts of their own.
        $this->travel(10)->seconds();
        $act = array_keys($this->acts)[$dice->getInt(0, count($this->acts) - 1)];
        $gallery = array_keys($this->books->galleries)[$dice->getInt(0, 1)];
        $some = array_slice($dice->shuffleArray($this->books->pictures), 0, $dice->getInt(1, 3));
        $done[] = "{$act} ".implode(',', array_map(fn (string $picture): int|string => array_search($picture, $this->books->pictures, true), $some));
        ($this->acts[$act])($gallery, $some);
        $told = "seed {$seed}: ".implode('; ', $done);
        foreach ($this->books->galleries as $id => $rows) {
            $shown = array_map(static fn (array $item): array => ['picture' => $item['picture'], 'hidden' => $item['hidden']], ($this->shown)($id));
            expect($shown)->toEqual($rows, $told);
        }
        expect(($this->found)('unused=1'))->toEqualCanonicalizing($this->books->unused(), $told)
            ->and(($this->found)('bin=1'))->toEqualCanonicalizing($this->books->bin, $told);
        $inReach = array_filter(glob("{$this->files}/live/media/*"), static fn (string $folder): bool => glob("{$folder}/*") !== []);
        expect(array_map(fn (string $folder): string => $this->rendition[basename($folder)], array_values($inReach)))->toEqualCanonicalizing($this->books->visible(), $told);
    }
})->with(sample(range(1, 12), 1));
