<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->signIn();
    $this->gallery = Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->json('id'));
});

it('takes every format in and makes upright sRGB files without metadata', function (string $format): void {
    $path = $this->pictureFile($format, 700, 500);
    $this->upload($this->gallery, $path)->assertCreated()->assertJsonPath('known', false)->assertJsonPath('notice', null);
    $picture = Picture::query()->sole();
    expect($picture->state)->toBe(PictureState::Ready)
        ->and([$picture->width, $picture->height])->toBe([700, 500])
        ->and(array_keys($picture->renditions))->toContain('540.webp', '540.jpg', '700.jpg');
    foreach ($picture->renditions as $file => $bytes) {
        $info = getimagesize("{$this->files}/renditions/{$picture->renditionFolder()}/{$file}");
        expect($info[0])->toBe((int) $file)->and(filesize("{$this->files}/renditions/{$picture->renditionFolder()}/{$file}"))->toBe($bytes);
    }
    expect(hash_file('sha256', "{$this->files}/originals/{$picture->originalPath()}"))->toBe(hash_file('sha256', $path));
})->with(['JPEG' => 'jpg', 'PNG' => 'png', 'GIF' => 'gif', 'WebP' => 'webp', 'AVIF' => 'avif', 'HEIC' => 'heic']);

it('turns a picture upright and drops where it was taken', function (): void {
    $path = $this->pictureFile('jpg', 600, 400);
    exec('exiftool -q -overwrite_original -n -Orientation=6 -GPSLatitude=54.5 -GPSLatitudeRef=N -GPSLongitude=8.9 -GPSLongitudeRef=E -Artist=Someone '.escapeshellarg($path), $out, $status);
    expect($status)->toBe(0);
    $this->upload($this->gallery, $path)->assertCreated();
    $picture = Picture::query()->sole();
    expect([$picture->width, $picture->height])->toBe([400, 600]);
    foreach (array_keys($picture->renditions) as $file) {
        $made = "{$this->files}/renditions/{$picture->renditionFolder()}/{$file}";
        [$width, $height] = getimagesize($made);
        expect($height)->toBeGreaterThan($width)
            ->and((string) shell_exec('exiftool -q -q -GPS:all -Artist -XMP:all '.escapeshellarg($made)))->toBe('')
            ->and(file_get_contents($made))->not->toContain('Someone');
    }
});

it('shows the colours that were meant, whatever space and profile they came in', function (callable $make, array $meant, int $within): void {
    $image = imagecreatetruecolor(600, 400);
    imagefilledrectangle($image, 0, 0, 600, 400, imagecolorallocate($image, 200, 60, 40));
    imagepng($image, "{$this->files}/plain.png");
    $made = $make($this);
    $this->upload($this->gallery, "{$this->files}/{$made}")->assertCreated();
    $seen = imagecolorat(imagecreatefromwebp("{$this->files}/renditions/".Picture::query()->sole()->renditionFolder().'/540.webp'), 270, 180);
    expect([$seen >> 16, $seen >> 8 & 255, $seen & 255])->each(fn ($part, $i) => $part->toEqualWithDelta($meant[$i], $within));
})->with([
    'sRGB without a profile' => [fn () => 'plain.png', [200, 60, 40], 2],
    'a wider space, tagged' => [fn ($test) => $test->vips('icc_transform', "{$test->files}/plain.png", "{$test->files}/wide.png", 'p3', '--input-profile', 'srgb') ? 'wide.png' : '', [200, 60, 40], 3],
    'colours for print, tagged' => [fn ($test) => $test->vips('icc_transform', "{$test->files}/plain.png", "{$test->files}/print.jpg", 'cmyk', '--input-profile', 'srgb') ? 'print.jpg' : '', [200, 60, 40], 14],
    'grey without a profile' => [fn ($test) => $test->vips('colourspace', "{$test->files}/plain.png", "{$test->files}/grey.jpg[strip]", 'b-w') ? 'grey.jpg' : '', [110, 110, 110], 8],
]);

it('refuses what is no whole picture, names the file and stores nothing', function (callable $make, string $name, string $code, string $says): void {
    $path = "{$this->files}/bad";
    $make($path, $this->pictureFile('jpg', 900, 600));
    $answer = $this->upload($this->gallery, $path, $name)->assertStatus(422)->assertHeader('Content-Type', 'application/problem+json')->assertJsonPath('code', $code);
    expect($answer->json('detail'))->toContain($says)->toContain('“');
    $this->assertNothingStored();
    expect($this->gallery->refresh()->version)->toBe(1);
    $this->upload($this->gallery, $this->pictureFile(), 'good.jpg')->assertCreated();
})->with([
    'text' => [fn ($path) => file_put_contents($path, 'just words'), 'notes.jpg', 'not-a-picture', '“notes.jpg”'],
    'nothing' => [fn ($path) => file_put_contents($path, ''), 'empty.jpg', 'empty-file', '0 bytes'],
    'SVG dressed as JPEG' => [fn ($path) => file_put_contents($path, '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'), 'kite.jpg', 'not-a-picture', 'SVG'],
    'HTML dressed as JPEG' => [fn ($path) => file_put_contents($path, '<!doctype html><html><body><script>1</script></body></html>'), 'kite.jpg', 'not-a-picture', 'web page'],
    'a JPEG that is cut off' => [fn ($path, $whole) => file_put_contents($path, substr((string) file_get_contents($whole), 0, -3000)), 'half.jpg', 'damaged-file', 'cut off'],
    'a JPEG of only a header' => [fn ($path) => file_put_contents($path, "\xFF\xD8\xFF\xE0\x00\x10JFIF\x00"), 'stub.jpg', 'damaged-file', 'damaged'],
    'a header of 300 megapixels' => [function ($path): void {
        $ihdr = 'IHDR'.pack('NNCCCCC', 20000, 15000, 8, 2, 0, 0, 0);
        $data = 'IDAT'.gzcompress(str_repeat("\0", 100));
        file_put_contents($path, "\x89PNG\r\n\x1a\n".pack('N', 13).$ihdr.pack('N', crc32($ihdr)).pack('N', strlen($data) - 4).$data.pack('N', crc32($data)).pack('N', 0).'IEND'.pack('N', crc32('IEND')));
    }, 'huge.png', 'too-many-pixels', '300 megapixels'],
    'a PDF' => [fn ($path) => file_put_contents($path, "%PDF-1.4\n%âãÏÓ\n1 0 obj\n"), 'paper.jpg', 'not-a-picture', 'JPEG, PNG'],
]);

it('refuses a file over the limit', function (): void {
    config(['zinc.limits.bytes' => 1024 * 1024]);
    $path = "{$this->files}/big.jpg";
    file_put_contents($path, file_get_contents($this->pictureFile()).str_repeat('x', 1024 * 1024));
    $this->upload($this->gallery, $path)->assertStatus(422)->assertJsonPath('code', 'file-too-large');
    $this->assertNothingStored();
});

it('says so when the web server had cut a file short', function (int $error, string $code): void {
    $this->call('POST', "/studio/api/galleries/{$this->gallery->id}/pictures", files: ['picture' => new UploadedFile($this->pictureFile(), 'much.jpg', null, $error, true)])
        ->assertStatus(422)->assertJsonPath('code', $code)->assertSee('much.jpg');
    $this->assertNothingStored();
})->with(['too large for it' => [UPLOAD_ERR_INI_SIZE, 'file-too-large'], 'broken off' => [UPLOAD_ERR_PARTIAL, 'not-sent']]);

it('keeps names for people and never as paths', function (string $given, string $kept): void {
    $this->upload($this->gallery, $this->pictureFile(), $given)->assertCreated();
    expect(Picture::query()->sole()->name)->toBe($kept);
    foreach ($this->storedFiles() as $file) {
        expect($file)->toMatch('~^(originals/[0-9a-f]{2}/[0-9a-f]{64}|renditions/[0-9a-f]{2}/[0-9a-f]{24}/\d+\.(webp|jpg))$~');
    }
})->with([
    'up and out' => ['../../../etc/passwd.jpg', 'passwd.jpg'],
    'emoji' => ['🪁 kite étude.jpg', '🪁 kite étude.jpg'],
    'backslashes' => ['C:\\Users\\me\\kite.jpg', 'kite.jpg'],
    'control characters' => ["ki\u{202e}te\n.jpg", 'kite.jpg'],
]);

it('says what a file with the wrong ending really is', function (): void {
    $answer = $this->upload($this->gallery, $this->pictureFile('png'), 'kite.jpg')->assertCreated();
    expect($answer->json('notice'))->toBe('“kite.jpg” is really a PNG file and was taken as one.')
        ->and(Picture::query()->sole()->media_type)->toBe('image/png');
});

it('stores the same file once, and shows it once in a gallery', function (): void {
    $path = $this->pictureFile();
    $this->upload($this->gallery, $path, 'first.jpg')->assertCreated();
    $before = $this->storedFiles();
    $this->upload($this->gallery, $path, 'second.jpg')->assertOk()->assertJsonPath('known', true)->assertSee('first.jpg');
    expect($this->storedFiles())->toBe($before)->and(Picture::query()->count())->toBe(1)->and($this->gallery->items()->count())->toBe(1);
    $other = $this->postJson('/studio/api/galleries', ['title' => 'Other'])->json('id');
    $this->upload($other, $path)->assertOk();
    expect(Picture::query()->sole()->items()->count())->toBe(2);
});
