<?php

declare(strict_types=1);

use App\Models\Picture;

/* Pictures that show through, that are written for a press, that move; and the words they bring along. */

beforeEach(function (): void {
    $this->signIn();
    $this->gallery = $this->emptyGallery();
    $this->of = "/studio/api/galleries/{$this->gallery->id}";
    $this->made = fn (Picture $picture, string $file): string => "{$this->files}/renditions/{$picture->renditionFolder()}/{$file}";
    $this->take = function (string $path, ?string $name = null): Picture {
        $this->told = $this->upload($this->gallery, $path, $name)->assertCreated()->json('notice');

        return Picture::query()->latest('id')->firstOrFail();
    };
    /** A red disc on nothing, or on a ground that is opaque all over. */
    $this->disc = function (string $format, int $ground): string {
        $image = imagecreatetruecolor(600, 400);
        imagesavealpha($image, true);
        imagealphablending($image, false);
        imagefilledrectangle($image, 0, 0, 599, 399, imagecolorallocatealpha($image, 20, 20, 20, $ground));
        imagefilledellipse($image, 300, 200, 300, 300, imagecolorallocatealpha($image, 200, 60, 40, 0));
        $path = "{$this->files}/disc.{$format}";
        $format === 'png' ? imagepng($image, $path) : imagewebp($image, $path, 90);

        return $path;
    };
});

/** GIF frames put behind one another, as GIF89a says. */
function movingGif(string $path, int $frames, int $width = 120, int $height = 80): string
{
    $file = '';
    for ($i = 0; $i < $frames; $i++) {
        $image = imagecreatetruecolor($width, $height);
        imagefilledrectangle($image, intdiv($i * $width, $frames), 0, intdiv(($i + 1) * $width, $frames), $height, 0xC03020);
        imagetruecolortopalette($image, false, 16);
        ob_start();
        imagegif($image);
        $gif = (string) ob_get_clean();
        $flags = ord($gif[10]);
        $colours = 3 * (1 << (($flags & 7) + 1));
        $at = 13 + $colours;
        while ($gif[$at] === "\x21") {
            for ($at += 2; ($size = ord($gif[$at])) !== 0; $at += $size + 1);
            $at++;
        }
        $file .= $i === 0 ? 'GIF89a'.substr($gif, 6, 4)."\x70\0\0\x21\xFF\x0BNETSCAPE2.0\x03\x01\0\0\0" : '';
        $file .= "\x21\xF9\x04\x04\x0A\0\0\0".substr($gif, $at, 9).chr(0x80 | ($flags & 7)).substr($gif, 13, $colours).substr($gif, $at + 10, -1);
    }
    file_put_contents($path, $file.';');

    return $path;
}

it('lets the page be seen through a picture, and stands it on white only where nothing can show through', function (string $format): void {
    $picture = ($this->take)(($this->disc)($format, 127));
    $webp = imagecreatefromwebp(($this->made)($picture, '540.webp'));
    $jpeg = imagecreatefromjpeg(($this->made)($picture, '540.jpg'));
    expect(imagecolorat($webp, 5, 5) >> 24 & 127)->toBe(127)->and(imagecolorat($webp, 270, 180) >> 24 & 127)->toBe(0)
        ->and(imagecolorat($jpeg, 5, 5) & 0xFFFFFF)->toBeGreaterThan(0xFDFDFD - 1)
        ->and($picture->has_alpha)->toBeTrue();
    $proof = $this->getJson("{$this->of}/laid-out")->assertOk()->json('proof');
    // No colour of its own behind it, and the large view knows.
    expect($proof['css'])->not->toMatch('~--c:(?!initial)~')->and($proof['html'])->toContain('data-clear');
    // Lighter, it shows through as before.
    $this->patchJson("/studio/api/pictures/{$picture->id}", ['recipe' => ['brightness' => 30]])->assertOk();
    $lit = imagecreatefromwebp(($this->made)($picture->refresh(), '540.webp'));
    expect(imagecolorat($lit, 5, 5) >> 24 & 127)->toBe(127)->and(imagecolorat($lit, 270, 180) >> 24 & 127)->toBe(0)
        ->and(imagecolorat($lit, 270, 180) >> 16 & 255)->toBeGreaterThan(220);
})->with(sample(['png', 'webp'], 1));

it('takes an alpha channel that is opaque all over for none', function (): void {
    $picture = ($this->take)(($this->disc)('png', 0));
    expect($picture->has_alpha)->toBeFalse()->and($this->getJson("{$this->of}/laid-out")->json('proof.css'))->toContain('--c:#');
});

it('reads colours for print by the profile they bring', function (array $meant): void {
    $image = imagecreatetruecolor(600, 400);
    imagefilledrectangle($image, 0, 0, 600, 400, imagecolorallocate($image, ...$meant));
    imagepng($image, "{$this->files}/plain.png");
    $this->vips('icc_transform', "{$this->files}/plain.png", "{$this->files}/print.jpg[Q=98]", 'cmyk', '--input-profile', 'srgb');
    expect(getimagesize("{$this->files}/print.jpg")['channels'])->toBe(4);
    $picture = ($this->take)("{$this->files}/print.jpg");
    $seen = imagecolorat(imagecreatefromwebp(($this->made)($picture, '540.webp')), 270, 180);
    // There and back again by one profile: what the same press would print.
    foreach ([$seen >> 16 & 255, $seen >> 8 & 255, $seen & 255] as $i => $part) {
        expect($part)->toEqualWithDelta($meant[$i], 3);
    }
    expect($picture->has_alpha)->toBeFalse();
})->with(sample(['a sand' => [[200, 180, 60]], 'a green' => [[60, 140, 90]], 'a sea' => [[90, 140, 150]]], 1));

it('lets what moves move for visitors, and stand still for those who want that', function (): void {
    $picture = ($this->take)(movingGif("{$this->files}/wheel.gif", 5));
    expect($picture->is_moving)->toBeTrue()->and($this->told)->toBe('“wheel.gif” moves, and visitors see it move.');
    foreach (array_filter(array_keys($picture->renditions), fn (string $file): bool => str_ends_with($file, '.webp')) as $file) {
        expect(trim((string) shell_exec('vipsheader -f n-pages '.escapeshellarg(($this->made)($picture, $file)))))->toBe('5');
    }
    $html = $this->getJson("{$this->of}/laid-out")->json('proof.html');
    expect($html)->toMatch('~<source media="\(prefers-reduced-motion: reduce\)" type="image/jpeg" srcset="[^"]+\.jpg~');
    // Tidied it is a still, and untidied it moves again.
    $this->patchJson("/studio/api/pictures/{$picture->id}", ['recipe' => ['turn' => 1]])->assertOk();
    expect(trim((string) shell_exec('vipsheader -f n-pages '.escapeshellarg(($this->made)($picture->refresh(), '80.webp')).' 2>/dev/null')))->toBe('')
        ->and($this->getJson("{$this->of}/laid-out")->json('proof.html'))->not->toContain('prefers-reduced-motion');
    $this->patchJson("/studio/api/pictures/{$picture->id}", ['recipe' => []])->assertOk();
    expect($this->getJson("{$this->of}/laid-out")->json('proof.html'))->toContain('prefers-reduced-motion');
});

it('takes as a still what is too much, and says why', function (array $limits, string $why): void {
    config($limits);
    $picture = ($this->take)(movingGif("{$this->files}/wheel.gif", 5));
    expect($picture->is_moving)->toBeFalse()->and($this->told)->toContain('is taken as a still')->toContain($why)
        ->and($this->getJson("{$this->of}/laid-out")->json('proof.html'))->not->toContain('prefers-reduced-motion');
})->with([
    'pictures' => [['zinc.limits.moving_pictures' => 4], 'it has 5 pictures; at most 4'],
    'bytes' => [['zinc.limits.moving_bytes' => 1024], 'larger than 0 MB'],
    'megapixels' => [['zinc.limits.moving_megapixels' => 0], 'megapixels together'],
]);

it('cuts no caption in silence, and takes no noise for words', function (): void {
    $path = $this->pictureFile('jpg', 400, 300, 12);
    exec('exiftool -q -overwrite_original -XMP-dc:Description='.escapeshellarg(str_repeat('Wind over the marsh. ', 60)).' -XMP-dc:Title=x-default '.escapeshellarg($path), $out, $status);
    expect($status)->toBe(0);
    $picture = ($this->take)($path, 'IMG_2207.jpg');
    expect([mb_strlen($picture->caption), mb_strlen($picture->description), $picture->title])->toBe([1000, 1259, ''])
        ->and($this->told)->toBe('The caption in “IMG_2207.jpg” has 1259 characters, of which 1000 are taken; the whole of it is the description.');
});

it('keeps the ending of a name however long it is', function (): void {
    $picture = ($this->take)($this->pictureFile('jpg', 300, 200, 13), str_repeat('a very long name ', 20).'end.jpeg');
    expect($this->told)->toBeNull()->and(mb_strlen($picture->name))->toBeLessThanOrEqual(180)->and($picture->name)->toEndWith('….jpeg');
});

it('shows a caption where there is one, and not the title in its place; a link goes along', function (): void {
    ($this->take)($this->pictureFile('jpg', 300, 200, 14), 'red-sail.jpg');
    $item = $this->gallery->items()->firstOrFail();
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['finish' => ['captions' => ['place' => 'below']]]])->assertOk();
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$item->id => ['link' => 'saltreed.example/sails']]])->assertOk();
    expect($this->getJson("{$this->of}/laid-out")->json('proof.html'))->toContain('<p class="zp-caption"></p>')->toContain('data-title="Red sail"')->toContain('data-link="https://saltreed.example/sails"');
});

it('looks into a file of the card once, and again when it is another', function (): void {
    $folder = "{$this->files}/card";
    mkdir($folder);
    copy($this->pictureFile('jpg', 300, 200, 15), "{$folder}/a.jpg");
    $card = new App\Intake\Sources\CameraCard($folder, app('db')->connection());
    $first = $card->find(App\Intake\Sources\SourceQuery::of())[0]->id;
    // Were it read again, it would be another file.
    $time = filemtime("{$folder}/a.jpg");
    $bytes = (string) file_get_contents("{$folder}/a.jpg");
    $bytes[strlen($bytes) - 5] = $bytes[strlen($bytes) - 5] === 'x' ? 'y' : 'x';
    file_put_contents("{$folder}/a.jpg", $bytes);
    touch("{$folder}/a.jpg", $time);
    clearstatcache();
    expect($card->find(App\Intake\Sources\SourceQuery::of())[0]->id)->toBe($first);
    touch("{$folder}/a.jpg", $time + 5);
    clearstatcache();
    expect($card->find(App\Intake\Sources\SourceQuery::of())[0]->id)->not->toBe($first);
});
