<?php

declare(strict_types=1);

use App\Actions\OrderGallery;
use App\Imaging\FactsReader;
use App\Models\Gallery;
use ZincPane\Core\Wording\CaptureTime;
use ZincPane\Core\Wording\FileFacts;

covers(FactsReader::class, FileFacts::class, CaptureTime::class, OrderGallery::class);

// Files as programs really leave them, written and read by the tool that ships with the system.

/** A picture that says of itself what the tool is told to write. */
function saying(string $path, array $written): string
{
    exec('exiftool -q -q -m -overwrite_original '.implode(' ', array_map(escapeshellarg(...), [...$written, $path])), $out, $status);
    expect($status)->toBe(0);

    return $path;
}

it('reads words in other languages, of Windows, of users and in Latin-1', function (array $written, array $words): void {
    expect(app(FactsReader::class)->read(saying($this->pictureFile('jpg', 60, 40), $written))->words)->toBe($words);
})->with([
    'another language' => [['-XMP-dc:Title-de=Roter Drachen'], ['title' => 'Roter Drachen']],
    'several' => [['-XMP-dc:Description-fr=Marée basse', '-XMP-dc:Description-en=Low tide'], ['caption' => 'Low tide']],
    'of Windows' => [['-XPComment=Zwei Böte', '-XPAuthor=Ada Ünal'], ['caption' => 'Zwei Böte', 'credit' => 'Ada Ünal']],
    'of a user' => [['-UserComment=Zwei Böte'], ['caption' => 'Zwei Böte']],
    'Latin-1' => [['-charset', 'exif=Latin', '-ImageDescription=Grüne Küste'], ['caption' => 'Grüne Küste']],
    'UTF-8 where ASCII was meant' => [['-charset', 'exif=UTF8', '-ImageDescription=Grüne Küste'], ['caption' => 'Grüne Küste']],
    'IPTC in Latin-1, that does not say so' => [['-IPTC:ObjectName=Grüne Küste'], ['title' => 'Grüne Küste']],
    'IPTC in UTF-8' => [['-codedcharacterset=utf8', '-IPTC:ObjectName=Grüne Küste'], ['title' => 'Grüne Küste']],
]);

it('believes IPTC where a program without XMP changed it since, and XMP otherwise', function (): void {
    $path = saying($this->pictureFile('jpg', 60, 40), ['-XMP-dc:Title=First', '-IPTC:ObjectName=First', '-IPTCDigest=new']);
    expect(app(FactsReader::class)->read($path)->words['title'])->toBe('First');
    exec('exiftool -q -overwrite_original -IPTC:ObjectName=Second '.escapeshellarg($path));
    expect(app(FactsReader::class)->read($path)->words['title'])->toBe('Second');
    exec('exiftool -q -overwrite_original -XMP-dc:Title=Third -IPTCDigest=new '.escapeshellarg($path));
    expect(app(FactsReader::class)->read($path)->words['title'])->toBe('Third');
});

it('orders a burst by its parts of a second, and clocks of several zones by the moment', function (): void {
    $this->leaveRenditions();
    $this->signIn();
    $gallery = Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->json('id'));
    $times = [
        'fourth' => ['-DateTimeOriginal=2024:05:01 13:00:01', '-SubSecTimeOriginal=90', '-OffsetTimeOriginal=+02:00'],
        'third' => ['-DateTimeOriginal=2024:05:01 13:00:01', '-SubSecTimeOriginal=10', '-OffsetTimeOriginal=+02:00'],
        'second' => ['-DateTimeOriginal=2024:05:01 12:00:00', '-OffsetTimeOriginal=+01:30'],
        // No zone: it hung beside those two hours ahead.
        'fifth' => ['-DateTimeOriginal=2024:05:01 13:00:02'],
        'first' => ['-XMP-photoshop:DateCreated=1936'],
    ];
    foreach (array_values($times) as $n => $written) {
        $path = $this->pictureFile('jpg', 60 + $n, 40);
        exec('exiftool -q -q -m -overwrite_original '.implode(' ', array_map(escapeshellarg(...), [...$written, '-Title='.array_keys($times)[$n], $path])), $out, $status);
        expect($status)->toBe(0);
        $this->upload($gallery, $path)->assertCreated();
    }
    $gallery->refresh();
    app(OrderGallery::class)->handle($gallery, $gallery->version, 'time', 1, null);
    expect($gallery->items()->with('picture')->orderBy('place')->get()->map(static fn ($row): string => $row->picture->title)->all())->toBe(['first', 'second', 'third', 'fourth', 'fifth']);
});

it('tells whether a file says where it was taken, by name or as a position', function (array $written, bool $tells): void {
    expect(app(FactsReader::class)->read(saying($this->pictureFile('jpg', 60, 40), $written))->tellsPlace)->toBe($tells);
})->with([
    'nothing' => [['-XMP-dc:Title=Kites', '-Copyright=Somebody'], false],
    'a position' => [['-GPSLatitude=52.1', '-GPSLatitudeRef=N', '-GPSLongitude=4.3', '-GPSLongitudeRef=E'], true],
    'a position in XMP' => [['-XMP-exif:GPSLatitude=52.1', '-XMP-exif:GPSLongitude=4.3'], true],
    'a name' => [['-XMP-photoshop:City=Saltreed'], true],
    'a name in IPTC' => [['-IPTC:Sub-location=The dyke'], true],
    'only when, and with what' => [['-DateTimeOriginal=2026:05:01 10:00:00', '-Model=Box'], false],
]);
