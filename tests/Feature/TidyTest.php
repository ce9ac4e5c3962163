<?php

declare(strict_types=1);

use App\Imaging\Tidier;
use App\Models\Gallery;
use App\Models\Picture;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

beforeEach(function (): void {
    $this->signIn();
    $this->gallery = Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->json('id'));
    // Four fields of plain colour, so that one sees where each went.
    $image = imagecreatetruecolor(1200, 800);
    foreach ([[0, 0, 0xC03020], [600, 0, 0x30A040], [0, 400, 0x3050C0], [600, 400, 0xE0C040]] as [$x, $y, $colour]) {
        imagefilledrectangle($image, $x, $y, $x + 599, $y + 399, $colour);
    }
    imagepng($image, "{$this->files}/fields.png");
    $this->id = $this->upload($this->gallery, "{$this->files}/fields.png", 'fields.png')->assertCreated()->json('picture.id');
    $this->tidy = fn (array $recipe) => $this->patchJson("/studio/api/pictures/{$this->id}", ['recipe' => $recipe]);
    $this->pixel = function (float $x, float $y): array {
        $picture = Picture::query()->findOrFail($this->id);
        $image = imagecreatefromwebp("{$this->files}/renditions/{$picture->renditionFolder()}/".array_key_last(array_filter($picture->renditions, fn ($file) => str_ends_with($file, '.webp'), ARRAY_FILTER_USE_KEY)));
        $rgb = imagecolorat($image, (int) ($x * imagesx($image)), (int) ($y * imagesy($image)));

        return [$rgb >> 16 & 255, $rgb >> 8 & 255, $rgb & 255];
    };
    $this->near = fn (array $pixel, int $rgb): bool => max(abs($pixel[0] - ($rgb >> 16)), abs($pixel[1] - ($rgb >> 8 & 255)), abs($pixel[2] - ($rgb & 255))) < 12;
});

it('turns, crops and lights as the recipe says, under another address, and leaves the original alone', function (): void {
    $before = Picture::query()->findOrFail($this->id);
    $original = "{$this->files}/originals/{$before->originalPath()}";
    $hash = hash_file('sha256', $original);
    ($this->tidy)(['turn' => 1])->assertOk()->assertJsonPath('width', 800)->assertJsonPath('height', 1200);
    // Clockwise: what was at the bottom left is at the top left.
    expect(($this->near)(($this->pixel)(0.2, 0.2), 0x3050C0))->toBeTrue()->and(($this->near)(($this->pixel)(0.8, 0.2), 0xC03020))->toBeTrue();
    $turned = Picture::query()->findOrFail($this->id);
    expect($turned->rendition_key)->not->toBe($before->rendition_key)->and($turned->shape)->toBe('portrait');

    ($this->tidy)(['crop' => ['left' => 0.5, 'top' => 0, 'width' => 0.5, 'height' => 0.5]])->assertOk()->assertJsonPath('width', 600)->assertJsonPath('height', 400);
    foreach ([[0.02, 0.02], [0.98, 0.98], [0.5, 0.5]] as [$x, $y]) {
        expect(($this->near)(($this->pixel)($x, $y), 0x30A040))->toBeTrue();
    }
    ($this->tidy)(['brightness' => 40])->assertOk();
    expect(($this->near)(($this->pixel)(0.2, 0.2), (0xC0 + 51) << 16 | (0x30 + 51) << 8 | (0x20 + 51)))->toBeTrue();
    ($this->tidy)(['contrast' => -100])->assertOk();
    expect(($this->near)(($this->pixel)(0.9, 0.9), 0x7F7F7F))->toBeTrue();

    // Back to nothing is the very first address again.
    ($this->tidy)([])->assertOk()->assertJsonPath('width', 1200);
    expect(Picture::query()->findOrFail($this->id)->rendition_key)->toBe($before->rendition_key)->and(hash_file('sha256', $original))->toBe($hash);
});

it('starts no tool for a picture that is as it came', function (): void {
    $path = "{$this->files}/fields.png";
    $size = Size::of(1200, 800);
    $tidied = fn (array $recipe): string => app(Tidier::class)->tidied($path, $size, Recipe::fromArray($recipe), $this->files, '.tif');
    expect($tidied([]))->toBe($path)
        ->and($tidied(['words' => true]))->toBe($path)
        ->and($tidied(['contrast' => 1]))->not->toBe($path);
});

it('straightens without empty corners', function (float $degrees): void {
    ($this->tidy)(['straighten' => $degrees])->assertOk();
    foreach ([[0.005, 0.005, 0xC03020], [0.995, 0.005, 0x30A040], [0.005, 0.995, 0x3050C0], [0.995, 0.995, 0xE0C040]] as [$x, $y, $rgb]) {
        expect(($this->near)(($this->pixel)($x, $y), $rgb))->toBeTrue();
    }
})->with(sample([-14.5, 6.0, 15.0], 1));

it('shows every place the new picture at once, and says that it is not live', function (): void {
    $this->putLive($this->gallery)->assertOk()->assertJsonPath('live.changes', []);
    ($this->tidy)(['turn' => 2])->assertOk();
    $key = Picture::query()->findOrFail($this->id)->rendition_key;
    $this->getJson("/studio/api/galleries/{$this->gallery->id}")->assertJsonPath('live.changes', ['tidied a picture']);
    expect($this->getJson("/studio/api/galleries/{$this->gallery->id}/laid-out")->json('proof.html'))->toContain($key)->and(file_get_contents("{$this->files}/live/current/embed/{$this->gallery->id}.json"))->not->toContain($key);
    $this->putLive($this->gallery)->assertJsonPath('live.changes', []);
    expect(file_get_contents("{$this->files}/live/current/embed/{$this->gallery->id}.json"))->toContain($key);
});

it('moves the focal point on the picture as it is seen, and keeps its place through a turn', function (): void {
    $this->getJson("/studio/api/pictures/{$this->id}")->assertOk()->assertJsonPath('focal_by', 'found');
    ($this->tidy)(['turn' => 1])->assertOk();
    $this->patchJson("/studio/api/pictures/{$this->id}", ['focal' => [0.25, 0.1]])->assertOk()->assertJsonPath('focal', [0.25, 0.1])->assertJsonPath('focal_by', 'person');
    // Back upright: x was 1 - y' of the turned picture, y was ... the other way round.
    ($this->tidy)([])->assertJsonPath('focal', [0.1, 0.75]);
    $this->patchJson("/studio/api/pictures/{$this->id}", ['focal' => null])->assertOk()->assertJsonPath('focal_by', 'found');
    $this->patchJson("/studio/api/pictures/{$this->id}", ['focal' => [0.5, 1.2]])->assertStatus(422)->assertJsonStructure(['errors' => ['focal.1']]);
});

it('previews a recipe as it will be', function (): void {
    $answer = $this->get("/studio/api/pictures/{$this->id}/tidied?recipe=".urlencode(json_encode(['turn' => 1, 'crop' => ['left' => 0, 'top' => 0, 'width' => 0.4, 'height' => 0.4]])))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $seen = imagecreatefromstring($answer->getContent());
    expect([imagesx($seen), imagesy($seen)])->toBe([320, 480])->and(imagecolorat($seen, 100, 100) & 255)->toEqualWithDelta(0xC0, 14);
    $this->getJson("/studio/api/pictures/{$this->id}/tidied?recipe=".urlencode('{"turn":9}'))->assertStatus(422)->assertJsonPath('field', 'recipe.turn');
    $this->getJson("/studio/api/pictures/{$this->id}/tidied?recipe=nothing")->assertStatus(422);
});

it('applies one recipe to several', function (): void {
    $other = $this->upload($this->gallery, $this->pictureFile(seed: 9), 'other.jpg')->json('picture.id');
    $this->postJson('/studio/api/pictures/tidy', ['pictures' => [$this->id, $other], 'recipe' => ['turn' => 1]])->assertNoContent();
    // No file is wider than the picture is now.
    expect(array_keys(Picture::query()->findOrFail($other)->renditions))->toContain('200.webp')
        ->and(max(array_map(intval(...), array_keys(Picture::query()->findOrFail($other)->renditions))))->toBe(200)
        ->and(Picture::query()->findOrFail($other)->width)->toBe(200)->and(Picture::query()->findOrFail($this->id)->width)->toBe(800);
    $this->postJson('/studio/api/pictures/tidy', ['pictures' => [$this->id], 'recipe' => ['turn' => 7]])->assertStatus(422);
});
