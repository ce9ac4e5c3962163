<?php

declare(strict_types=1);

use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Wording\AltFlaw;
use ZincPane\Core\Wording\AltReview;
use ZincPane\Core\Wording\CaptureTime;
use ZincPane\Core\Wording\FileFacts;
use ZincPane\Core\Wording\Fillers;
use ZincPane\Core\Wording\Pattern;
use ZincPane\Core\Wording\TitleFromName;

covers(TitleFromName::class, AltReview::class, Fillers::class, Pattern::class, CaptureTime::class, FileFacts::class);

// Tables of cases: what people, cameras and programs really write.

it('makes no title of what cameras, phones, scanners and programs count by', function (string $name): void {
    expect(TitleFromName::titleOf($name))->toBeNull();
})->with([
    'GOPR0042.JPG', 'EPSON001.jpg', 'DJI_0417.JPG', 'CIMG0012.JPG', 'SAM_1029.JPG', 'IMGP3301.PEF', 'HPIM0120.JPG', 'P1010023.JPG', 'R0012345.DNG', '_MG_4410.CR2', '_DSC2207.NEF',
    'PXL_20230501_101112345.jpg', 'VID_20230501_101112.mp4', 'IMG_20230501_101112_HDR.jpg', 'MVI_0032.MOV', 'WP_20150102_11_12_13_Pro.jpg', 'Screenshot_20230501-101112.png',
    'SCAN0001.tif', 'scan_003.pdf', 'IMG_0001 (2).jpg', 'image1.jpeg', 'photo-3.png', 'Bild 12.jpg', 'foto_7.jpg', '1.jpg', '00042.jpg', '2023-05-01.jpg', '2023-05-01 10.11.12.jpg',
    '5d41402abc4b2a76b9719d911017c592.jpg', 'f47ac10b-58cc-4372-a567-0e02b2c3d479.png', 'unnamed.png', 'Untitled-1.psd', 'download (4).jpg', 'copy.jpg', 'final_v2.jpg', 'new.png', 'clipboard01.png', 'DSCF1234-edit.jpg', 'KICX0042.JPG',
]);

it('reads names that are words out as a person would', function (string $name, string $title): void {
    expect(TitleFromName::titleOf($name))->toBe($title);
})->with([
    ['small-dog-large-ball.jpg', 'Small dog large ball'], ['new_boat.jpg', 'New boat'], ['full-moon.jpg', 'Full moon'], ['old mill.jpg', 'Old mill'], ['whole-wheat-bread.png', 'Whole wheat bread'],
    ['凧.jpg', '凧'], ['風箏節.png', '風箏節'], ['연날리기.jpg', '연날리기'], ['たこ_あげ.jpg', 'たこ あげ'], ['Воздушный змей.jpg', 'Воздушный змей'], ['χαρταετός.jpg', 'Χαρταετός'], ['طائرة ورقية.jpg', 'طائرة ورقية'],
    ['TV.jpg', 'TV'], ['TV-tower.jpg', 'TV tower'], ['BBQ at the beach.jpg', 'BBQ at the beach'], ['OLD TV TOWER.JPG', 'Old TV tower'], ['LONG WIND DAY.png', 'Long wind day'],
    ['McDonald.jpg', 'McDonald'], ['iPhone.jpg', 'iPhone'], ['FarmOfMacArthur.jpg', 'Farm Of MacArthur'], ['RedKiteOverMarsh.jpg', 'Red Kite Over Marsh'], ['eBike_tour.jpg', 'eBike tour'],
    ['IMG_2207 low tide.jpg', 'Low tide'], ['DSC_0418_two_deltas.jpg', 'Two deltas'], ['001-kites.jpg', 'Kites'], ['kites-001.jpg', 'Kites'], ['2023-05-01 harbour.jpg', 'Harbour'], ['20230501_101112_harbour_walk.jpg', 'Harbour walk'],
    ['red-sail-1920x1080.jpg', 'Red sail'], ['red-sail-copy.jpg', 'Red sail'], ['red_sail_final_v2.jpg', 'Red sail'], ['red-sail@2x.png', 'Red sail'], ['red%20sail.jpg', 'Red sail'], ['k%C3%BCste.jpg', 'Küste'],
    ['kite festival 2024.jpg', 'Kite festival 2024'], ['Line no. 4.jpg', 'Line no 4'], ['9 lives.jpg', '9 lives'], ["l'été à la plage.jpg", "L'été à la plage"], ["O'Hara's kite.jpg", "O'Hara's kite"], ['Ålesund.jpg', 'Ålesund'],
    ['two.deltas.at.noon.jpg', 'Two deltas at noon'], ['  spaced   out  .jpg', 'Spaced out'],
]);

it('points out alt texts that say nothing, or only that there is a picture', function (string $alt, string $flaw): void {
    expect(array_map(static fn (AltFlaw $one): string => $one->value, AltReview::of([new Words('', '', $alt)])[0]))->toBe([$flaw]);
})->with([
    ['untitled', 'says-nothing'], ['...', 'says-nothing'], ['null', 'says-nothing'], ['undefined', 'says-nothing'], ['N/A', 'says-nothing'], ['–', 'says-nothing'], ['image', 'says-nothing'], ['Photo', 'says-nothing'],
    ['picture.', 'says-nothing'], ['a photo', 'says-nothing'], ['Photo 3', 'says-nothing'], ['Image #12', 'says-nothing'], ['alt text', 'says-nothing'], ['Bild', 'says-nothing'], ['Foto 4', 'says-nothing'], ['ohne Titel', 'says-nothing'],
    ['sans titre', 'says-nothing'], ['sin título', 'says-nothing'], ['senza titolo', 'says-nothing'], ['zonder titel', 'says-nothing'], ['une photo', 'says-nothing'], ['close-up photo', 'says-nothing'], ['Lorem ipsum dolor', 'says-nothing'], ['logo', 'says-nothing'],
    ['Photo: a red kite', 'filler'], ['Image - a red kite', 'filler'], ['close-up photo of a reel', 'filler'], ['Black and white photograph of a mill', 'filler'], ['A beautiful picture of kites', 'filler'], ['This is an image showing a reel', 'filler'],
    ['The photo shows a reel', 'filler'], ['Foto von einem Drachen', 'filler'], ['Das Bild zeigt einen Drachen', 'filler'], ['Ein Bild mit zwei Booten', 'filler'], ['Aufnahme eines Segels', 'filler'], ['Abbildung: Segel', 'filler'],
    ['Photo de deux bateaux', 'filler'], ['Une image montrant un phare', 'filler'], ["L'image montre un phare", 'filler'], ["Photo d'un phare", 'filler'], ['Photographie représentant un phare', 'filler'],
    ['Foto de una cometa', 'filler'], ['Imagen que muestra un faro', 'filler'], ['Una fotografía del puerto', 'filler'], ['Foto di un aquilone', 'filler'], ['Immagine che mostra un faro', 'filler'], ["Un'immagine del porto", 'filler'],
    ['Foto van een vlieger', 'filler'], ['Afbeelding met twee boten', 'filler'], ['Een foto waarop een vuurtoren staat', 'filler'],
]);

it('leaves alt texts alone that say what is to be seen', function (string $alt): void {
    expect(AltReview::of([new Words('', '', $alt)])[0])->toBe([]);
})->with([
    'Picture framing workshop', 'A red kite over the marsh', 'Photographers on the dyke', 'Two people hold a photo of their father', 'Close-up of a reel, its line wound twice', 'Image editors at work', 'Null Island on a map', 'Kite no. 7',
    'Bilderrahmen aus Eiche', 'Fotograf am Deich', 'Photographe sur la digue', 'Fotograaf op de dijk', 'Un fotografo sul molo', 'Untitled, a drawing in charcoal by a pupil', 'Illustrated map of the harbour', 'Ein Foto hängt an der Wand', '凧', 'Ox',
]);

it('takes brackets and dashes away with what is empty', function (string $pattern, string $text): void {
    expect(Pattern::parse($pattern)->filled(['title' => 'Kite', 'number' => '4', 'count' => '12', 'date' => '3 May', 'album' => '', 'camera' => '', 'file' => 'kite']))->toBe($text);
})->with([
    ['{title} ({album}, {date})', 'Kite (3 May)'], ['{title} ({date}, {album})', 'Kite (3 May)'], ['{title} ({album}, {camera})', 'Kite'], ['{title} [{album} – {date}]', 'Kite [3 May]'], ['{title} ({album} ({camera}))', 'Kite'],
    ['{title} ({album}; {date}; {camera})', 'Kite (3 May)'], ['{title} – {album} – {date}', 'Kite – 3 May'], ['{title} - {album}', 'Kite'], ['{album} - {title}', 'Kite'], ['{title} / {album} / {date}', 'Kite / 3 May'], ['{title} | {camera}', 'Kite'],
    ['“{album}” {title}', 'Kite'], ['{title} („{album}“)', 'Kite'], ['«{camera}» {title}', 'Kite'], ['({album}) {title} ({date})', 'Kite (3 May)'], ['{title} ({date})', 'Kite (3 May)'], ['{title} (no. {number} of {count})', 'Kite (no. 4 of 12)'],
]);

it('reads when a picture was taken, however it is told', function (array $tags, ?string $clock, int $milliseconds = 0, ?int $offset = null): void {
    $time = CaptureTime::of($tags);
    expect($time === null ? null : gmdate('Y-m-d H:i:s', $time->seconds))->toBe($clock)->and([$time->milliseconds ?? 0, $time?->offset])->toBe([$milliseconds, $offset])
        ->and(FileFacts::of($tags)->takenAt)->toBe($time?->seconds);
})->with([
    'a camera' => [['ExifIFD:DateTimeOriginal' => '2024:05:01 12:33:01'], '2024-05-01 12:33:01'],
    'before 1970' => [['XMP-photoshop:DateCreated' => '1936-07-14T09:00:00'], '1936-07-14 09:00:00'],
    'long before' => [['XMP-exif:DateTimeOriginal' => '1888:03:12'], '1888-03-12 00:00:00'],
    'a year alone' => [['XMP-photoshop:DateCreated' => '1965'], '1965-01-01 00:00:00'],
    'a year that is a number' => [['XMP-photoshop:DateCreated' => 1965], '1965-01-01 00:00:00'],
    'a year and a month' => [['XMP-photoshop:DateCreated' => '1965-07'], '1965-07-01 00:00:00'],
    'blanks for what is not known' => [['ExifIFD:DateTimeOriginal' => '1965:07:   '], '1965-07-01 00:00:00'],
    'no seconds' => [['XMP-xmp:CreateDate' => '2024-05-01T12:33'], '2024-05-01 12:33:00'],
    'parts of a second beside it' => [['ExifIFD:DateTimeOriginal' => '2024:05:01 12:33:01', 'ExifIFD:SubSecTimeOriginal' => '07'], '2024-05-01 12:33:01', 70],
    'parts of a second as a number' => [['ExifIFD:DateTimeOriginal' => '2024:05:01 12:33:01', 'ExifIFD:SubSecTimeOriginal' => 5], '2024-05-01 12:33:01', 500],
    'parts of a second behind it' => [['XMP-exif:DateTimeOriginal' => '2024-05-01T12:33:01.123456'], '2024-05-01 12:33:01', 123],
    'a zone beside it' => [['ExifIFD:DateTimeOriginal' => '2024:05:01 12:33:01', 'ExifIFD:OffsetTimeOriginal' => '+02:00'], '2024-05-01 12:33:01', 0, 120],
    'a zone behind it' => [['XMP-xmp:CreateDate' => '2024-05-01T12:33:01.5-03:30'], '2024-05-01 12:33:01', 500, -210],
    'UTC behind it' => [['XMP-xmp:CreateDate' => '2024-05-01T12:33:01Z'], '2024-05-01 12:33:01', 0, 0],
    'a zone that is none' => [['ExifIFD:DateTimeOriginal' => '2024:05:01 12:33:01', 'ExifIFD:OffsetTimeOriginal' => '+19:00'], '2024-05-01 12:33:01'],
    'a video, in UTC' => [['QuickTime:CreateDate' => '2024:05:01 10:33:01'], '2024-05-01 10:33:01', 0, 0],
    'a video that tells its own clock' => [['QuickTime:CreateDate' => '2024:05:01 10:33:01', 'Keys:CreationDate' => '2024:05:01 12:33:01+02:00'], '2024-05-01 12:33:01', 0, 120],
    'zeros beside a good one' => [['ExifIFD:DateTimeOriginal' => '0000:00:00 00:00:00', 'ExifIFD:CreateDate' => '2024:05:01 12:33:01'], '2024-05-01 12:33:01'],
    'blanks beside a good one' => [['ExifIFD:DateTimeOriginal' => '    :  :     :  :  ', 'XMP-xmp:CreateDate' => '2024-05-01'], '2024-05-01 00:00:00'],
    'a day and a time of IPTC' => [['IPTC:DateCreated' => '2024:05:01', 'IPTC:TimeCreated' => '12:33:01+02:00'], '2024-05-01 12:33:01', 0, 120],
    'a clock that began in 1904' => [['QuickTime:CreateDate' => '1904:01:01 00:00:00'], null],
    'zeros alone' => [['ExifIFD:DateTimeOriginal' => '0000:00:00 00:00:00'], null],
    'the 30th of February' => [['ExifIFD:DateTimeOriginal' => '2024:02:30 10:00:00'], null],
    'an hour that is none' => [['ExifIFD:DateTimeOriginal' => '2024:02:03 25:00:00'], null],
    'words' => [['ExifIFD:DateTimeOriginal' => 'yesterday'], null],
]);

it('reads words in whichever place and writing they are', function (array $tags, array $words): void {
    expect(FileFacts::of($tags)->words)->toBe($words);
})->with([
    'another language' => [['XMP-dc:Title-de' => 'Roter Drachen'], ['title' => 'Roter Drachen']],
    'English of several' => [['XMP-dc:Description-de' => 'Ebbe', 'XMP-dc:Description-en-GB' => 'Low tide'], ['caption' => 'Low tide']],
    'the default before any' => [['XMP-dc:Title' => 'Kite', 'XMP-dc:Title-en' => 'A kite'], ['title' => 'Kite']],
    'IPTC changed since XMP was written' => [['XMP-dc:Title' => 'Old', 'IPTC:ObjectName' => 'New', 'Photoshop:IPTCDigest' => 'aa', 'File:CurrentIPTCDigest' => 'bb'], ['title' => 'New']],
    'IPTC as XMP was written' => [['XMP-dc:Title' => 'XMP', 'IPTC:ObjectName' => 'IIM', 'Photoshop:IPTCDigest' => 'aa', 'File:CurrentIPTCDigest' => 'aa'], ['title' => 'XMP']],
    'IPTC without a digest' => [['XMP-dc:Title' => 'XMP', 'IPTC:ObjectName' => 'IIM', 'File:CurrentIPTCDigest' => 'bb'], ['title' => 'XMP']],
    'a comment of Windows' => [['IFD0:XPComment' => 'Two boats'], ['caption' => 'Two boats']],
    'an author of Windows' => [['IFD0:XPAuthor' => 'Ada'], ['credit' => 'Ada']],
    'a comment of a user' => [['ExifIFD:UserComment' => 'Two boats'], ['caption' => 'Two boats']],
    'the better caption' => [['ExifIFD:UserComment' => 'x', 'IFD0:XPComment' => 'y', 'IFD0:ImageDescription' => 'Two boats'], ['caption' => 'Two boats']],
    'Latin-1' => [['IFD0:ImageDescription' => "Gr\xFCne K\xFCste"], ['caption' => 'Grüne Küste']],
    'what Windows made of it' => [['IFD0:ImageDescription' => "\x84K\xFCste\x93 \x96 1"], ['caption' => '„Küste“ – 1']],
    'UTF-8 that was read as Latin-1' => [['IFD0:ImageDescription' => 'GrÃ¼ne KÃ¼ste'], ['caption' => 'Grüne Küste']],
    'letters that are meant' => [['IFD0:ImageDescription' => 'Ãrvore é â'], ['caption' => 'Ãrvore é â']],
]);
