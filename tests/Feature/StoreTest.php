<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Picture;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->json('id'));
    $this->demo = fn (string $name) => $this->upload($this->gallery, base_path("database/demo/pictures/{$name}"), $name)->assertCreated()->json('picture.id');
    $this->found = fn (array $filter): array => array_column($this->getJson('/studio/api/pictures?'.http_build_query($filter))->assertOk()->json('pictures'), 'name');
});

it('finds pictures by words, in any order, by their beginnings, without accents and operators', function (): void {
    foreach (['one.jpg' => ['title' => 'Étude in red', 'keywords' => 'marsh, low tide'], 'two.jpg' => ['alt' => 'A red kite'], 'three-words-here.jpg' => []] as $name => $facts) {
        $id = $this->upload($this->gallery, $this->pictureFile(seed: crc32($name)), $name)->json('picture.id');
        $this->patchJson("/studio/api/pictures/{$id}", ['words' => array_diff_key($facts, ['keywords' => 1]), ...array_intersect_key($facts, ['keywords' => 1])])->assertOk();
    }
    expect(($this->found)(['words' => 'red']))->toEqualCanonicalizing(['one.jpg', 'two.jpg'])
        ->and(($this->found)(['words' => 'etude RED']))->toBe(['one.jpg'])
        ->and(($this->found)(['words' => 'tid mar']))->toBe(['one.jpg'])
        ->and(($this->found)(['words' => 'three-words']))->toBe(['three-words-here.jpg'])
        ->and(($this->found)(['words' => 'red NOT kite OR "']))->toBe([])
        ->and(($this->found)(['words' => '"*']))->toBe([])
        ->and(($this->found)(['words' => 'one', 'undescribed' => 1]))->toBe(['one.jpg'])
        ->and(($this->found)(['words' => 'two', 'undescribed' => 1]))->toBe([]);
});

it('finds real pictures by colour, shape and date', function (): void {
    foreach (['against-the-cloud.jpg', 'diamond-saffron.jpg', 'the-whole-marsh.jpg', 'evening-train.jpg', 'stars-above.jpg'] as $name) {
        ($this->demo)($name);
    }
    Picture::query()->where('name', 'stars-above.jpg')->update(['taken_at' => '2024-05-01 23:10:00']);
    expect(($this->found)(['colour' => 'e5b04f']))->toContain('diamond-saffron.jpg')->not->toContain('stars-above.jpg')
        ->and(($this->found)(['colour' => '182443'])[0])->toBe('stars-above.jpg')
        ->and(($this->found)(['colour' => 'b4404f'])[0])->toBe('against-the-cloud.jpg')
        ->and(($this->found)(['shape' => 'panorama']))->toBe(['the-whole-marsh.jpg'])
        ->and(($this->found)(['shape' => 'portrait']))->toBe(['evening-train.jpg'])
        ->and(($this->found)(['from' => '2024-05-01', 'until' => '2024-05-01']))->toBe(['stars-above.jpg'])
        ->and(($this->found)(['from' => '2024-05-02']))->toHaveCount(4)->not->toContain('stars-above.jpg')
        ->and(($this->found)(['until' => '2024-05-01']))->toBe(['stars-above.jpg'])
        ->and(($this->found)(['until' => '2024-04-30']))->toBe([]);
    foreach ([['shape' => 'round'], ['colour' => 'red'], ['from' => 'yesterday'], ['limit' => 501], ['offset' => -1]] as $bad) {
        $this->getJson('/studio/api/pictures?'.http_build_query($bad))->assertStatus(422)->assertJsonPath('code', 'not-valid')->assertJsonStructure(['errors' => [array_key_first($bad)]]);
    }
});

it('tells where a picture is used, and lets nothing that is used into the bin', function (): void {
    $id = ($this->demo)('reels.jpg');
    $free = ($this->demo)('spars.jpg');
    $this->change($this->gallery, ['kind' => 'remove', 'items' => [$this->gallery->items()->where('picture_id', $free)->value('id')]])->assertOk();
    $this->getJson("/studio/api/pictures/{$id}/uses")->assertJsonPath('galleries.0.title', 'Kites');
    expect(($this->found)(['unused' => 1]))->toBe(['spars.jpg']);
    $this->postJson('/studio/api/pictures/bin', ['pictures' => [$id, $free]])->assertOk()->assertJsonPath('in_use.0.id', $id)->assertJsonPath('in_use.0.galleries.0.title', 'Kites')->assertJsonCount(1, 'in_use');
    expect(($this->found)([]))->toBe(['reels.jpg'])->and(($this->found)(['bin' => 1]))->toBe(['spars.jpg']);

    // Delete for good only from the bin, and with everything that belongs to it.
    $this->postJson('/studio/api/pictures/delete', ['pictures' => [$id]])->assertJsonPath('deleted', 0);
    $this->postJson('/studio/api/pictures/restore', ['pictures' => [$free]])->assertNoContent();
    expect(($this->found)(['bin' => 1]))->toBe([]);
    $this->postJson('/studio/api/pictures/bin', ['pictures' => [$free]]);
    $files = $this->storedFiles();
    $this->postJson('/studio/api/pictures/delete', ['pictures' => [$free]])->assertJsonPath('deleted', 1);
    expect(count($files) - count($this->storedFiles()))->toBe(2)->and(Picture::query()->pluck('id')->all())->toBe([$id]);

    // What was deleted for good does not come back by undo, and that is said; all else of the step does.
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/undo", ['version' => $this->gallery->refresh()->version])->assertOk()->assertJsonPath('gone', 1);
});

it('brings a picture back from the bin when its file comes again', function (): void {
    $path = $this->pictureFile();
    $id = $this->upload($this->gallery, $path, 'a.jpg')->json('picture.id');
    $this->change($this->gallery, ['kind' => 'remove', 'items' => $this->gallery->items()->pluck('id')->all()]);
    $this->postJson('/studio/api/pictures/bin', ['pictures' => [$id]])->assertJsonPath('in_use', []);
    $this->upload($this->gallery, $path, 'b.jpg')->assertOk()->assertJsonPath('notice', '“b.jpg” was in the bin as “a.jpg” and is back.');
    expect(Picture::query()->sole()->binned_at)->toBeNull();
});

it('points out near-duplicates once, in groups', function (): void {
    ($this->demo)('two-deltas-at-noon.jpg');
    $this->upload($this->gallery, base_path('database/demo/pictures/two-deltas-at-noon-2.jpg'), 'again.jpg')->assertCreated()->assertJsonPath('notice', '“again.jpg” looks much like “two-deltas-at-noon.jpg”; keep the better one.');
    ($this->demo)('reels.jpg');
    $groups = $this->getJson('/studio/api/pictures/look-alikes')->assertOk()->json('groups');
    expect($groups)->toHaveCount(1)->and(array_column($groups[0], 'name'))->toEqualCanonicalizing(['two-deltas-at-noon.jpg', 'again.jpg']);
});

it('reads the words in a file, and a title from a name that is words', function (): void {
    $path = $this->pictureFile();
    exec('exiftool -q -overwrite_original -XMP-dc:Title="Low tide" -IPTC:Caption-Abstract="Two boats" -XMP-iptcCore:AltTextAccessibility="Boats on mud" -XMP-dc:Subject=tide -XMP-dc:Subject=boat -IPTC:By-line="Ada Quill" -DateTimeOriginal="2024:05:01 12:33:01" -Make=Box -Model=Three '.escapeshellarg($path));
    $this->upload($this->gallery, $path, 'DSC_0001.jpg')->assertCreated()
        ->assertJsonPath('picture.words.title', 'Low tide')->assertJsonPath('picture.words.caption', 'Two boats')
        ->assertJsonPath('picture.words.alt', 'Boats on mud')->assertJsonPath('picture.words.credit', 'Ada Quill');
    $picture = Picture::query()->sole();
    expect($picture->keywords)->toBe('tide, boat')->and($picture->camera)->toBe('Box Three')->and($picture->taken_at->toIso8601String())->toBe('2024-05-01T12:33:01+00:00');
    $this->upload($this->gallery, $this->pictureFile(seed: 2), 'IMG_2207.jpg')->assertJsonPath('picture.words.title', '');
    $this->upload($this->gallery, $this->pictureFile(seed: 3), 'sails-drying_in-the-wind.jpg')->assertJsonPath('picture.words.title', 'Sails drying in the wind');
});

it('keeps strangers from the store', function (): void {
    auth()->forgetGuards();
    foreach (['/studio/api/pictures', '/studio/api/pictures/look-alikes', '/studio/api/sources', '/studio/api/sources/card', '/studio/api/sources/shelf/files/lanterns.jpg'] as $address) {
        $this->getJson($address)->assertUnauthorized();
    }
});
