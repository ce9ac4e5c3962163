<?php

declare(strict_types=1);

use App\Imaging\WordsWriter;
use App\Models\Gallery;
use App\Models\Picture;
use ZincPane\Core\Wording\FileWords;

covers(WordsWriter::class, FileWords::class);

beforeEach(function (): void {
    $this->signIn();
    $this->gallery = Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->json('id'));
});

it('writes words into the files that are given, never a place, and never into the original', function (string $download): void {
    $gallery = $this->galleryOf(1, 77);
    $picture = $gallery->items()->with('picture')->first()->picture;
    $original = "{$this->files}/originals/{$picture->originalPath()}";
    exec('exiftool -q -overwrite_original -GPSLatitude=53.5 -GPSLatitudeRef=N -XMP-photoshop:City=Saltreed '.escapeshellarg($original));
    $before = hash_file('sha256', $original);
    $picture->update(['title' => 'Ünder the "dyke"', 'alt' => 'A kite; -GPSLatitude=1', 'credit' => 'A. Marsh', 'rights' => '© Saltreed', 'licence' => 'CC BY 4.0 https://creativecommons.org/licenses/by/4.0/', 'place' => 'Saltreed']);
    $this->patchJson("/studio/api/galleries/{$gallery->id}", ['version' => $gallery->version, 'change' => ['kind' => 'design', 'design' => ['viewer' => ['giving' => ['download' => $download, 'words' => true]]]]])->assertOk();
    $this->putLive($gallery->refresh())->assertOk();
    [$file] = glob("{$this->files}/live/media/{$picture->rendition_key}/worded-*");
    $said = json_decode((string) shell_exec('exiftool -json -G1 '.escapeshellarg($file)), true)[0];
    expect($said)->toMatchArray(['XMP-dc:Title' => 'Ünder the "dyke"', 'XMP-iptcCore:AltTextAccessibility' => 'A kite; -GPSLatitude=1', 'XMP-dc:Creator' => 'A. Marsh', 'IPTC:By-line' => 'A. Marsh', 'XMP-photoshop:Credit' => 'A. Marsh', 'XMP-dc:Rights' => '© Saltreed', 'XMP-xmpRights:WebStatement' => 'https://creativecommons.org/licenses/by/4.0/'])
        ->and(preg_grep('/GPS|City|Location|Country/', array_keys($said)))->toBe([])->and(hash_file('sha256', $original))->toBe($before);
    $this->get("/media/{$picture->rendition_key}/".basename($file))->assertOk();
    // Other words are another file, and the one before is in reach no more.
    $this->patchJson("/studio/api/galleries/{$gallery->id}", ['version' => $gallery->refresh()->version, 'change' => ['kind' => 'words', 'words' => [$gallery->items()->first()->id => ['title' => 'Above']]]])->assertOk();
    $this->putLive($gallery->refresh())->assertOk();
    $now = glob("{$this->files}/live/media/{$picture->rendition_key}/worded-*");
    expect($now)->toHaveCount(1)->and($now[0])->not->toBe($file);
    $this->app['auth']->forgetGuards();
    $this->get("/media/{$picture->rendition_key}/".basename($file))->assertNotFound();
})->with(['large', 'stripped']);

it('keeps in published files what the original says of its maker where that is wanted, and nothing else of it', function (array $said, array $kept): void {
    $path = $this->pictureFile('jpg', 600, 400);
    $place = ['-n', '-GPSLatitude=54.5', '-GPSLatitudeRef=N', '-XMP-photoshop:City=Saltreed', '-IPTC:City=Saltreed', '-Model=Box', '-DateTimeOriginal=2026:05:01 10:00:00', '-XMP-dc:Description=At the dyke'];
    exec('exiftool -q -overwrite_original -codedcharacterset=utf8 '.implode(' ', array_map(escapeshellarg(...), [...$place, ...$said, $path])), $out, $status);
    expect($status)->toBe(0);
    $this->upload($this->gallery, $path)->assertCreated();
    $picture = Picture::query()->sole();
    $plain = $picture->rendition_key;
    $this->patchJson("/studio/api/pictures/{$picture->id}", ['recipe' => ['words' => true]])->assertOk();
    $worded = $picture->refresh()->rendition_key;
    expect($worded)->not->toBe($plain)->and(array_keys($picture->renditions))->toContain('540.webp', '540.jpg', '600.jpg');
    foreach ($picture->renditions as $file => $bytes) {
        $made = "{$this->files}/renditions/{$picture->renditionFolder()}/{$file}";
        $tags = json_decode((string) shell_exec('exiftool -json -G1 '.escapeshellarg($made)), true)[0];
        ksort($kept);
        $xmp = array_filter($tags, static fn (string $tag): bool => preg_match('/^(XMP-(?!x:)|IPTC|GPS)/', $tag) === 1, ARRAY_FILTER_USE_KEY);
        ksort($xmp);
        expect($xmp)->toBe($kept)
            ->and(filesize($made))->toBe($bytes)->and(getimagesize($made)[0])->toBe((int) $file)
            ->and(file_get_contents($made))->not->toContain('Saltreed')->not->toContain('Box')->not->toContain('2026:05')->not->toContain('At the dyke');
    }
    // Taken back, the files are the plain ones again.
    $this->patchJson("/studio/api/pictures/{$picture->id}", ['recipe' => ['words' => false]])->assertOk();
    expect($picture->refresh()->rendition_key)->toBe($plain);
    $this->patchJson("/studio/api/pictures/{$picture->id}", ['recipe' => ['words' => 'yes']])->assertStatus(422)->assertJsonPath('field', 'recipe.words');
})->with(sample([
    'by a program' => [
        ['-XMP-dc:Title=Ünder', '-XMP-dc:Creator=A. Marsh', '-XMP-photoshop:Credit=Works', '-XMP-dc:Rights=© Marsh', '-XMP-xmpRights:UsageTerms=CC BY 4.0', '-XMP-xmpRights:WebStatement=https://a.example/by', '-XMP-iptcCore:AltTextAccessibility=A kite', '-EXIF:Artist=Camera'],
        ['XMP-dc:Title' => 'Ünder', 'XMP-dc:Creator' => 'A. Marsh', 'XMP-photoshop:Credit' => 'Works', 'XMP-dc:Rights' => '© Marsh', 'XMP-xmpRights:UsageTerms' => 'CC BY 4.0', 'XMP-xmpRights:WebStatement' => 'https://a.example/by', 'XMP-iptcCore:AltTextAccessibility' => 'A kite'],
    ],
    'by a camera' => [['-EXIF:Artist=A. Marsh', '-EXIF:Copyright=Marsh 2026'], ['XMP-dc:Creator' => 'A. Marsh', 'XMP-dc:Rights' => 'Marsh 2026']],
    'by an older program' => [['-IPTC:By-line=Märsh', '-IPTC:CopyrightNotice=© Marsh', '-IPTC:Credit=Works'], ['XMP-dc:Creator' => 'Märsh', 'XMP-dc:Rights' => '© Marsh', 'XMP-photoshop:Credit' => 'Works']],
    'by nobody' => [[], []],
], 2));
