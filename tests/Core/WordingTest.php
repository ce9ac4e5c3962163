<?php

declare(strict_types=1);

use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Wording\AltFlaw;
use ZincPane\Core\Wording\AltReview;
use ZincPane\Core\Wording\CsvCell;
use ZincPane\Core\Wording\CsvRows;
use ZincPane\Core\Wording\CsvText;
use ZincPane\Core\Wording\FileFacts;
use ZincPane\Core\Wording\Fill;
use ZincPane\Core\Wording\Pattern;
use ZincPane\Core\Wording\TitleFromName;

covers(TitleFromName::class, AltReview::class, Pattern::class, Fill::class, CsvRows::class, CsvCell::class, FileFacts::class);

it('reads a title out of names that are words, and none out of numbering', function (string $name, ?string $title): void {
    expect(TitleFromName::titleOf($name))->toBe($title);
})->with([
    ['two-deltas-at-noon.jpg', 'Two deltas at noon'],
    ['two_deltas_at_noon-2.JPG', 'Two deltas at noon 2'],
    ['RedSail over the creek (1).jpeg', 'Red Sail over the creek'],
    ['LONG WIND DAY.png', 'Long wind day'],
    ['étude-au-crépuscule.webp', 'Étude au crépuscule'],
    ['凧揚げ.jpg', '凧揚げ'],
    ['DSC_0418.jpg', null], ['IMG_2207.jpg', null], ['IMG-20240501-WA0007.jpg', null], ['P1030422.JPG', null], ['image (3).png', null],
    ['Screenshot 2024-05-01 at 12.33.01.png', null], ['a7f3c09bb2e1kite44d1.jpg', null], ['20240501_123301.jpg', null], ['untitled-final-copy.jpg', null], ['.jpg', null],
]);

it('tells what is wrong with alt texts, all at once', function (): void {
    $words = static fn (string $alt, string $caption = '', bool $decorative = false): Words => new Words('', $caption, $alt, decorative: $decorative);
    $flaws = AltReview::of([
        $words('A red kite over the marsh'), $words(''), $words('', '', true), $words('DSC_0418.jpg'), $words('IMG 0418'), $words('Image of a kite'),
        $words('This is a photo showing two boats'), $words('Picture'), $words('Picture framing workshop'), $words('Two boats.', 'two  BOATS'), $words(str_repeat('kite ', 40)),
        $words('Same words'), $words('same words!'), $words('Same words', '', true),
    ]);
    expect(array_map(static fn (array $one): string => implode(',', array_map(static fn (AltFlaw $flaw): string => $flaw->value, $one)), $flaws))->toBe([
        '', 'missing', '', 'file-name', 'file-name', 'filler', 'filler', 'says-nothing', '', 'same-as-caption', 'too-long', 'repeated', 'repeated', '',
    ]);
    foreach (AltFlaw::cases() as $flaw) {
        expect($flaw->advice())->toMatch('/\. .+\.$/');
    }
});

it('reviews anew only what a change may turn, and comes to what a whole review says', function (int $seed): void {
    $dice = dice($seed);
    $any = static fn (): Words => new Words(caption: ['', 'A kite'][$dice->getInt(0, 1)], alt: ['A kite', 'a kite!', '', 'Image of a kite', 'DSC_0418.jpg', 'Two boats'][$dice->getInt(0, 5)], decorative: $dice->getInt(0, 4) === 0);
    for ($run = 0; $run < 150; $run++) {
        $before = array_map(static fn (): Words => $any(), range(1, $dice->getInt(1, 7)));
        $after = $before;
        $changed = $gone = [];
        foreach (array_keys($after) as $place) {
            if ($dice->getInt(0, 2) === 0) {
                $changed[$place] = $after[$place];
                $after[$place] = $any();
            }
        }
        if ($dice->getInt(0, 1) === 1) {
            $changed[count($after)] = null;
            $after[] = $any();
        }
        if ($dice->getInt(0, 1) === 1) {
            $gone[] = $before[] = $any();
        }
        $whole = AltReview::of($after);
        $then = AltReview::of($before);
        $told = AltReview::afterwards($after, $changed, $gone);
        foreach ($whole as $place => $flaws) {
            $now = $told[$place] ?? $then[$place];
            expect($now)->toBe($flaws)->and(isset($told[$place]) || ! array_key_exists($place, $changed))->toBeTrue();
        }
        // Nothing is told that is neither changed nor turned.
        foreach (array_diff_key($told, $changed) as $place => $flaws) {
            expect($flaws)->not->toBe($then[$place]);
        }
    }
})->with(sample([1, 2], 1));

it('fills patterns, and leaves no gap where a word is missing', function (string $pattern, string $text): void {
    expect(Pattern::parse($pattern)->filled(['title' => 'Reels', 'number' => '4', 'count' => '12', 'date' => '', 'album' => '', 'camera' => 'Box 3', 'file' => 'reels']))->toBe($text);
})->with([
    ['{title}, {number} of {count}', 'Reels, 4 of 12'],
    ['{date}, {title} ({album})', 'Reels'],
    ['{album}: {title} {file}', 'Reels reels'],
    ['{title}, {album} {number}', 'Reels, 4'],
    ['{title} – {date} – {camera}', 'Reels – Box 3'],
    ['{title} [{album}] {number}', 'Reels 4'],
    ['{album}{date}', ''],
    ['{album}, {date}: ', ''],
    ['No tokens', 'No tokens'],
    ['{title}', 'Reels'],
    // What is typed stays, at the ends too.
    ['Saltreed: ', 'Saltreed: '],
    ['-{number} °C', '-4 °C'],
    [' – {title},', ' – Reels,'],
    ['Città', 'Città'],
    ['Ветер, {title}', 'Ветер, Reels'],
    ['“Delta”', '“Delta”'],
    ['{title}: “Città”', 'Reels: “Città”'],
    ['two  blanks ,and a comma', 'two  blanks ,and a comma'],
]);

it('is what plain replacement makes of it, whatever is typed round tokens that say something', function (): void {
    $dice = dice(8);
    $typed = ['à', 'Ветер', '”', '“', '-', '–', ' ', ',', ': ', '凧', '°', "\u{A0}", '(', ')', '[', 'x', '🪁', 'é', ';'];
    $values = array_map(static fn (string $token): string => "<{$token}ñ>", array_combine(array_keys(Pattern::TOKENS), array_keys(Pattern::TOKENS)));
    for ($run = 0; $run < 400; $run++) {
        $text = '';
        foreach (range(0, $dice->getInt(0, 9)) as $_) {
            $text .= $dice->getInt(0, 3) === 0 ? '{'.array_keys($values)[$dice->getInt(0, count($values) - 1)].'}' : $typed[$dice->getInt(0, count($typed) - 1)];
        }
        $braced = array_combine(array_map(static fn (string $token): string => '{'.$token.'}', array_keys($values)), $values);
        expect(Pattern::parse($text)->filled($values))->toBe(strtr($text, $braced))
            // And whatever is missing, nothing breaks a letter or leaves a mark.
            ->and(Pattern::parse($text)->filled(['title' => 'T']))->toMatch('/^[^{}\x{FFFC}]*$/u');
    }
});

it('refuses a token nobody knows, and names those there are', function (): void {
    expect(fn () => Pattern::parse('{title} {mood}'))->toThrow(SettingException::class, '{camera}')
        ->and(fn () => Pattern::parse('{Title}'))->toThrow(SettingException::class, '{title}');
});

it('changes a word of many', function (array $fill, array $after): void {
    $rows = array_map(static fn (string $text): array => ['text' => $text, 'values' => ['title' => 'T', 'date' => '', 'album' => '', 'camera' => '', 'file' => 'f']], ['One kite', '', 'Two kites']);
    expect(Fill::fromArray(['field' => 'caption', ...$fill])->applied($rows))->toBe($after);
})->with([
    'a pattern for all' => [['act' => 'set', 'text' => '{number}/{count}', 'from' => 5], ['5/3', '6/3', '7/3']],
    'only where there is none' => [['act' => 'set', 'text' => '{title} {number}', 'only_empty' => true], [null, 'T 1', null]],
    'before' => [['act' => 'before', 'text' => '{number}.'], ['1. One kite', '2.', '3. Two kites']],
    'before, as it was typed' => [['act' => 'before', 'text' => 'Saltreed: '], ['Saltreed: One kite', 'Saltreed: ', 'Saltreed: Two kites']],
    'after, without a blank where one was typed' => [['act' => 'after', 'text' => ' –{number}'], ['One kite –1', ' –2', 'Two kites –3']],
    'nothing to add changes nothing' => [['act' => 'after', 'text' => ' –{album}'], [null, null, null]],
    'after' => [['act' => 'after', 'text' => '(2024)'], ['One kite (2024)', '(2024)', 'Two kites (2024)']],
    'one word by another' => [['act' => 'replace', 'find' => 'kite', 'text' => 'sail'], ['One sail', null, 'Two sails']],
    'away with it' => [['act' => 'clear'], ['', null, '']],
]);

it('refuses a filling that cannot be', function (array $fill, string $field): void {
    expect(fn () => Fill::fromArray($fill))->toThrow(fn (SettingException $exception) => expect($exception->field)->toBe($field));
})->with([
    [['field' => 'mood'], 'fill.field'], [['act' => 'shout'], 'fill.act'], [['act' => 'replace'], 'fill.find'], [['from' => -1], 'fill.from'],
    [['only_empty' => 'yes'], 'fill.only_empty'], [['colour' => 1], 'fill.colour'], [['text' => 5], 'fill.text'],
]);

/** As a spreadsheet writes and reads it, by PHP's own reader. */
function throughCsv(array $rows, string $separator): array
{
    $file = fopen('php://temp', 'r+b');
    foreach ($rows as $row) {
        fputcsv($file, $row, $separator, '"', '');
    }
    rewind($file);
    $read = [];
    while (($cells = fgetcsv($file, null, $separator, '"', '')) !== false) {
        $read[count($read) + 1] = $cells;
    }

    return $read;
}

it('goes out as a table and comes in again with nothing lost', function (string $separator): void {
    $hard = ['plain', "two\nlines", 'a "quoted" word, and; more', '=1+1', "'=already", "''", '+49 1', '-', '@x', "\tx", 'é 🪁', ' inner  blanks '];
    $items = [];
    foreach ($hard as $i => $text) {
        $items[] = ['id' => "i{$i}", 'file' => "{$i}.jpg", 'words' => new Words(str_replace("\n", ' ', $text), $text, $text, $text, '', str_replace("\n", ' ', $text), $i % 2 === 0)];
    }
    $rows = throughCsv(CsvRows::out($items), $separator);
    foreach ($rows as $row) {
        foreach ($row as $cell) {
            expect($cell)->not->toMatch('/^[=+\-@\t]/');
        }
    }
    $read = CsvRows::in($rows, array_map(static fn (array $item): array => [...$item, 'words' => new Words], $items));
    expect($read['problems'])->toBe([]);
    foreach ($items as ['id' => $id, 'words' => $words]) {
        expect($read['words'][$id]['caption'])->toBe(trim($words->caption))->and($read['words'][$id]['decorative'] ?? false)->toBe($words->decorative);
    }
    expect(CsvRows::in(throughCsv(CsvRows::out(array_slice($items, 0, 3)), $separator), array_slice($items, 0, 3))['words'])->toBe([]);
})->with([',', ';', "\t"]);

it('tells the line of a row that cannot be read, and reads the others', function (): void {
    $items = [['id' => 'a', 'file' => 'a.jpg', 'words' => new Words('A')], ['id' => 'b', 'file' => 'b.jpg', 'words' => new Words('B')], ['id' => 'c', 'file' => 'b.jpg', 'words' => new Words('C')]];
    $read = CsvRows::in([
        1 => ['Item', 'File', 'Title', 'link', 'mood'], 2 => ['a', '', 'Apple'], 3 => ['', 'a.jpg', 'Again'], 4 => ['', 'b.jpg', 'Which?'], 6 => ['z', '', 'Nobody'],
        7 => ['b', '', 'B', 'javascript:1'], 8 => ['', '', '', ''], 9 => ['c', '', '', '', '', 'x'], 10 => ['c', '', ''],
    ], $items);
    expect($read['words'])->toBe(['a' => ['title' => 'Apple'], 'c' => ['title' => '']])
        ->and(array_column($read['problems'], 'line'))->toBe([1, 3, 4, 6, 7, 9])
        ->and(CsvRows::in([], $items)['problems'][0]['says'])->toContain('empty')
        ->and(CsvRows::in([1 => ['title']], $items)['problems'][0]['says'])->toContain('“item”');
});

it('takes the better of several things a file says, and none of what cameras write', function (): void {
    $facts = FileFacts::of([
        'XMP-dc:Title' => 'Low tide', 'IPTC:ObjectName' => 'Older title', 'IFD0:ImageDescription' => 'SOME DIGITAL CAMERA', 'IPTC:Caption-Abstract' => "Two boats\nand a dog",
        'XMP-iptcCore:AltTextAccessibility' => 'Boats on mud', 'XMP-dc:Creator' => ['Ada', 'Bo'], 'IPTC:Keywords' => ['tide', 'boat', 'Tide'], 'IFD0:Make' => 'Box', 'IFD0:Model' => 'Box 3',
        'ExifIFD:DateTimeOriginal' => '2024-05-01T12:33:01', 'XMP-dc:Rights' => '© Ada',
    ]);
    expect($facts->words)->toBe(['title' => 'Low tide', 'caption' => "Two boats\nand a dog", 'alt' => 'Boats on mud', 'credit' => 'Ada, Bo'])
        ->and($facts->keywords)->toBe(['Tide', 'boat'])->and($facts->camera)->toBe('Box 3')
        ->and($facts->takenAt)->toBe(gmmktime(12, 33, 1, 5, 1, 2024))->and($facts->rights)->toBe('© Ada');
    foreach (['x-default', 'Untitled', 'Exif_JPEG_PICTURE', 'charset=Ascii', 'Created with a program', 'ASCII', '  –  ', 'unknown'] as $noise) {
        expect(FileFacts::of(['XMP-dc:Title' => $noise, 'IPTC:ObjectName' => 'Red sail', 'XMP-dc:Subject' => ['kite', $noise]])->words)->toBe(['title' => 'Red sail'])
            ->and(FileFacts::of(['XMP-dc:Subject' => ['kite', $noise]])->keywords)->toBe(['kite']);
    }
    // Longer than a caption may be: cut where all see it, whole where there is room, and told.
    $long = FileFacts::of(['XMP-dc:Description' => str_repeat('é', 1240), 'XMP-dc:Title' => 'Red sail']);
    expect([mb_strlen($long->words['caption']), mb_strlen($long->words['description']), $long->cut])->toBe([1000, 1240, ['caption' => 1240]])
        ->and(FileFacts::of(['XMP-dc:Description' => str_repeat('é', 1001), 'XMP-iptcCore:ExtDescrAccessibility' => 'Own words'])->words['description'])->toBe('Own words');
    expect(FileFacts::of(['IFD0:ImageDescription' => 'SOME DIGITAL CAMERA', 'ExifIFD:DateTimeOriginal' => '0000:00:00 00:00:00'])->words)->toBe([])
        ->and(FileFacts::of(['ExifIFD:DateTimeOriginal' => '2024-13-41T00:00:00'])->takenAt)->toBeNull()
        ->and(FileFacts::of(['Track1:ImageWidth' => 1920, 'Track1:ImageHeight' => 1080, 'Composite:Rotation' => 90, 'Matroska:Duration' => '00:01:05.5'])->size)->toBe([1080, 1920]);
});

it('takes the best tag that says something', function (string $field, array $tags): void {
    for ($left = $tags; $left !== []; array_shift($left)) {
        $facts = FileFacts::of([...array_map(static fn (): string => '  ', $tags), ...array_combine($left, $left)]);
        $told = $facts->words[$field] ?? ['rights' => $facts->rights, 'keywords' => implode(',', $facts->keywords)][$field];
        expect($told)->toBe(reset($left));
    }
    expect(array_diff($tags, FileFacts::TAGS))->toBe([]);
})->with([
    'title' => ['title', ['XMP-dc:Title', 'IPTC:ObjectName', 'IFD0:XPTitle', 'XMP-photoshop:Headline', 'IPTC:Headline']],
    'caption' => ['caption', ['XMP-dc:Description', 'IPTC:Caption-Abstract', 'IFD0:ImageDescription']],
    'credit' => ['credit', ['XMP-photoshop:Credit', 'IPTC:Credit', 'XMP-dc:Creator', 'IPTC:By-line', 'IFD0:Artist']],
    'rights' => ['rights', ['XMP-dc:Rights', 'IPTC:CopyrightNotice', 'IFD0:Copyright']],
    'keywords' => ['keywords', ['XMP-dc:Subject', 'IPTC:Keywords', 'IFD0:XPKeywords']],
]);

it('reads facts of files however they are written', function (array $tags, string $fact, mixed $told): void {
    expect(FileFacts::of($tags)->{$fact})->toBe($told);
})->with([
    'maker and model' => [['IFD0:Make' => 'Gull', 'IFD0:Model' => 'Two'], 'camera', 'Gull Two'],
    'a model that says its maker' => [['IFD0:Make' => 'GULL', 'IFD0:Model' => 'Gull Two'], 'camera', 'Gull Two'],
    'a model alone' => [['IFD0:Model' => 'Two'], 'camera', 'Two'],
    'a maker alone' => [['IFD0:Make' => 'Gull'], 'camera', 'Gull'],
    'a very long camera' => [['IFD0:Model' => str_repeat('é', 121)], 'camera', str_repeat('é', 120)],
    'very long rights' => [['XMP-dc:Rights' => str_repeat('é', 251)], 'rights', str_repeat('é', 250)],
    'seconds' => [['QuickTime:Duration' => '12.5'], 'seconds', 12.5],
    'hours, minutes, seconds' => [['Matroska:Duration' => '01:02:03.5'], 'seconds', 3723.5],
    'no length' => [['Matroska:Duration' => 'long'], 'seconds', null],
    'length that begins badly' => [['Matroska:Duration' => 'x01:02:03'], 'seconds', null],
    'size' => [['Track1:ImageWidth' => '640', 'Track1:ImageHeight' => '360'], 'size', [640, 360]],
    'size, turned half' => [['Track1:ImageWidth' => 640, 'Track1:ImageHeight' => 360, 'Track1:Rotation' => 180], 'size', [640, 360]],
    'size, turned by 270°' => [['Track1:Rotation' => 270, 'Track1:ImageWidth' => 640, 'Track1:ImageHeight' => 360], 'size', [360, 640]],
    'of two tracks the one that has a size' => [['Track1:ImageWidth' => 640, 'Track1:ImageHeight' => 360, 'Track2:ImageWidth' => 0, 'Track2:ImageHeight' => 0], 'size', [640, 360]],
    'one px' => [['A:ImageWidth' => 1, 'A:ImageHeight' => 1], 'size', [1, 1]],
    'no height' => [['A:ImageWidth' => 5], 'size', null],
    'no width' => [['A:ImageHeight' => 5], 'size', null],
    'a day' => [['ExifIFD:CreateDate' => '2024:05:01'], 'takenAt', gmmktime(0, 0, 0, 5, 1, 2024)],
    'a time' => [['XMP-xmp:CreateDate' => '2024-05-01 23:59:58'], 'takenAt', gmmktime(23, 59, 58, 5, 1, 2024)],
    'the first second that can be told' => [['ExifIFD:CreateDate' => '1970:01:01 00:00:01'], 'takenAt', 1],
    'a clock that was never set' => [['ExifIFD:CreateDate' => '1970:01:01 00:00:00'], 'takenAt', null],
    'a day that is none' => [['ExifIFD:CreateDate' => '2023:02:29'], 'takenAt', null],
    'keywords' => [['XMP-dc:Subject' => 'kite; wind ,, Kite'], 'keywords', ['Kite', 'wind']],
    'a long keyword' => [['XMP-dc:Subject' => str_repeat('ö', 61)], 'keywords', [str_repeat('ö', 60)]],
    'many keywords' => [['XMP-dc:Subject' => array_map(static fn (int $n): string => "word {$n}", range(1, 61))], 'keywords', array_map(static fn (int $n): string => "word {$n}", range(1, 60))],
    'a caption of a camera' => [['IFD0:ImageDescription' => 'GULL DSC'], 'words', []],
    'a title that is a title' => [['XMP-dc:Title' => 'An untitled picture'], 'words', ['title' => 'An untitled picture']],
    'bytes that are no text' => [['XMP-dc:Title' => "Gr\xFCn\x00kite"], 'words', ['title' => 'Grün kite']],
]);

it('reads a table in whatever a spreadsheet wrote it', function (string $encoding, string $mark, string $separator, bool $told): void {
    $rows = [['file', 'title', 'caption'], ['1.jpg', 'Straße am Köder', "zwei\nZeilen"], ['2.jpg', 'Où „sept“ – œufs', 'x']];
    $lines = array_map(static fn (array $row): string => implode($separator, array_map(static fn (string $cell): string => '"'.$cell.'"', $row)), $rows);
    $text = ($told ? "sep={$separator}\r\n" : '').implode("\r\n", $lines)."\r\n";
    $read = CsvText::read($mark.mb_convert_encoding($text, $encoding, 'UTF-8'));
    expect($read->encoding)->toBe(str_starts_with($encoding, 'UTF-16') ? 'UTF-16' : $encoding)->and($read->separator)->toBe($separator)->and($read->line)->toBe($told ? 2 : 1)
        ->and($read->text)->toBe(implode("\n", array_map(static fn (string $line): string => $line, $lines))."\n")
        ->and($read->says())->toContain(['x', ',' => 'commas', ';' => 'semicolons', "\t" => 'tabs'][$separator]);
})->with(['UTF-8' => ['UTF-8', ''], 'UTF-8, marked' => ['UTF-8', "\xEF\xBB\xBF"], 'UTF-16' => ['UTF-16LE', "\xFF\xFE"], 'UTF-16 the other way' => ['UTF-16BE', "\xFE\xFF"], 'UTF-16 without a mark' => ['UTF-16LE', ''], 'the other way without a mark' => ['UTF-16BE', ''], 'Windows-1252' => ['Windows-1252', '']])
    ->with([',', ';', "\t"])->with([true, false]);
