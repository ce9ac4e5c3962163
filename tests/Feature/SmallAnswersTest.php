<?php

declare(strict_types=1);

use App\Models\Gallery;
use Illuminate\Support\Facades\Queue;

/*
 * A change answers with no more than what changed. Whoever puts that onto what he knew must hold what he would
 * be given if he asked for the whole anew.
 */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(6);
    $this->of = "/studio/api/galleries/{$this->gallery->id}";
    $this->whole = fn (): array => $this->getJson($this->of)->assertOk()->json();
    $this->version = fn (): int => Gallery::query()->findOrFail($this->gallery->id)->version;
});

/** Written on its own, and simply. */
function putOnto(array $known, array $answer): array
{
    $items = array_column($known['items'], null, 'id');
    foreach ($answer['items'] as $item) {
        $items[$item['id']] = $item;
    }
    $order = $answer['order'] ?? array_column($known['items'], 'id');
    unset($answer['from'], $answer['order'], $answer['laid_out'], $answer['items'], $answer['gone']);

    return [...$known, ...$answer, 'items' => array_map(static fn (string $id): array => $items[$id], $order)];
}

it('comes to the whole, whatever is changed in whatever order', function (int $seed): void {
    $dice = dice($seed);
    $known = ($this->whole)();
    $alts = ['A kite', 'a kite!', 'Image of a kite', '', 'IMG_2207.jpg', 'Two boats'];
    for ($step = 0; $step < 30; $step++) {
        $ids = array_column($known['items'], 'id');
        $some = array_slice($dice->shuffleArray($ids), 0, $dice->getInt(1, max(1, min(2, count($ids)))));
        $change = match ($dice->getInt(0, 8)) {
            0, 1, 2 => ['kind' => 'words', 'words' => array_fill_keys($some, [['alt' => $alts[$dice->getInt(0, 5)]], ['caption' => 'A kite'], ['alt' => null], ['decorative' => $dice->getInt(0, 1) === 1]][$dice->getInt(0, 3)])],
            3 => ['kind' => 'move', 'items' => $some, 'before' => null],
            4 => ['kind' => 'hide', 'items' => $some, 'hidden' => $dice->getInt(0, 1) === 1],
            5 => ['kind' => 'design', 'design' => ['layout' => ['columns' => $dice->getInt(2, 6)]]],
            6 => count($ids) > 3 ? ['kind' => 'remove', 'items' => [$ids[0]]] : ['kind' => 'about', 'about' => ['title' => "Night {$step}"]],
            default => null,
        };
        $answer = $change === null
            ? $this->postJson("{$this->of}/".($dice->getInt(0, 3) === 0 ? 'redo' : 'undo'), ['version' => ($this->version)()])
            : $this->change($this->gallery, $change, ($this->version)());
        if ($answer->status() === 409) {
            continue;
        }
        $answer->assertOk();
        expect($answer->json('from'))->toBe($known['version']);
        $known = putOnto($known, $answer->json());
        expect($known)->toBe(($this->whole)(), "step {$step}: ".json_encode($change));
    }
})->with(sample([1, 2, 3], 1));

it('brings along what a new order, new pictures, a filling and a spreadsheet change', function (): void {
    $known = ($this->whole)();
    $ids = array_column($known['items'], 'id');
    $csv = fn (): array => ['file' => Illuminate\Http\UploadedFile::fake()->createWithContent('w.csv', "item,caption\n{$ids[1]},From a table\n"), 'version' => ($this->version)()];
    foreach ([
        fn () => $this->postJson("{$this->of}/order", ['by' => 'reverse', 'version' => ($this->version)()]),
        fn () => $this->postJson("{$this->of}/fill", ['fill' => ['field' => 'alt', 'act' => 'set', 'text' => 'Kite {number}'], 'items' => $ids, 'version' => ($this->version)()]),
        fn () => $this->postJson("{$this->of}/texts", ['title' => 'Come', 'text' => '<p>Sunday</p>']),
        fn () => $this->postJson("{$this->of}/items", ['pictures' => [Tests\SeededPicture::told(3)->id]]),
        fn () => $this->post("{$this->of}/words.csv", $csv(), ['Accept' => 'application/json']),
        fn () => $this->putLive($this->gallery),
    ] as $act) {
        $answer = $act()->assertSuccessful()->json();
        $known = putOnto($known, $answer['gallery'] ?? $answer);
        expect($known)->toBe(($this->whole)());
    }
});

it('tells only what changed', function (): void {
    $ids = array_column(($this->whole)()['items'], 'id');
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$ids[2] => ['caption' => 'Low tide']]])->assertOk()
        ->assertJsonCount(1, 'items')->assertJsonPath('items.0.id', $ids[2])->assertJsonPath('order', null)->assertJsonPath('laid_out', null);
    // The same alt text once more makes a repetition of the other, too.
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$ids[0] => ['alt' => 'A kite']]])->assertJsonCount(1, 'items');
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$ids[4] => ['alt' => 'a kite!']]])->assertJsonCount(2, 'items')->assertJsonPath('items.0.flaws', ['repeated']);
    $this->change($this->gallery, ['kind' => 'remove', 'items' => [$ids[4]]])->assertJsonCount(1, 'items')->assertJsonPath('items.0.flaws', []);
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => 11]]])->assertJsonCount(0, 'items');
});

it('is small on the line for browsers that understand it, and plain for others', function (): void {
    $plain = $this->get($this->of, ['Accept' => 'application/json', 'Accept-Encoding' => 'identity'])->assertOk()->assertHeaderMissing('Content-Encoding');
    $packed = $this->call('GET', $this->of, [], [], [], ['HTTP_ACCEPT' => 'application/json', 'HTTP_ACCEPT_ENCODING' => 'br, gzip'])->assertHeader('Content-Encoding', 'gzip')->assertHeader('Vary', 'Accept-Encoding');
    expect(gzdecode($packed->getContent()))->toBe($plain->getContent())->and(strlen($packed->getContent()))->toBeLessThan(strlen($plain->getContent()) / 3)
        ->and($packed->headers->get('Content-Length'))->toBe((string) strlen($packed->getContent()));
    // What is small already stays as it is.
    $this->get("{$this->of}/pulse", ['Accept-Encoding' => 'gzip'])->assertHeaderMissing('Content-Encoding');
});

it('refuses at once lists that are longer than any gallery', function (): void {
    $many = array_map(strval(...), range(1, 40_000));
    $begun = hrtime(true);
    $this->change($this->gallery, ['kind' => 'hide', 'items' => $many, 'hidden' => true])->assertStatus(422)->assertJsonPath('field', 'items');
    $this->postJson('/studio/api/pictures/bin', ['pictures' => $many])->assertStatus(422);
    $this->postJson('/studio/api/pictures/bin', ['pictures' => ['a', 7]])->assertStatus(422)->assertSee('number 2 is none');
    $this->postJson('/studio/api/pictures/tidy', ['pictures' => ['nobody'], 'recipe' => ['turn' => 1]])->assertStatus(422)->assertJsonPath('code', 'change-not-possible');
    // Not a measure of speed: a rule for each of them took minutes.
    expect((hrtime(true) - $begun) / 1e9)->toBeLessThan(20.0);
});
