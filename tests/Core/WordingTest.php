<?php

declare(strict_types=1);

use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Wording\AltFlaw;
use ZincPane\Core\Wording\AltReview;
use ZincPane\Core\Wording\CsvCell;
use ZincPane\Core\Wording\CsvRows;
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
        '', 'missing', '', 'file-name', 'file-name', 'filler', 'filler', 'filler', '', 'same-as-caption', 'too-long', 'repeated', 'repeated', '',
    ]);
    foreach (AltFlaw::cases() as $flaw) {
        expect($flaw->advice())->toMatch('/\. .+\.$/');
    }
});

it('fills patterns, and leaves no gap where a word is missing', function (string $pattern, string $text): void {
    expect(Pattern::parse($pattern)->filled(['title' => 'Reels', 'place' => '4', 'all' => '12', 'day' => '', 'album' => '', 'camera' => 'Box 3', 'file' => 'reels']))->toBe($text);
})->with([
    ['[title], [place] of [all]', 'Reels, 4 of 12'],
    ['[day], [title] ([album])', 'Reels'],
    ['[album]: [title] [file]', 'Reels reels'],
    ['No tokens', 'No tokens'],
    ['[title]', 'Reels'],
]);

it('refuses a token nobody knows, and names those there are', function (): void {
    expect(fn () => Pattern::parse('[title] [mood]'))->toThrow(SettingException::class, '[camera]');
});

it('changes a word of many', function (array $fill, array $after): void {
    $rows = array_map(static fn (string $text): array => ['text' => $text, 'values' => ['title' => 'T', 'day' => '', 'album' => '', 'camera' => '', 'file' => 'f']], ['One kite', '', 'Two kites']);
    expect(Fill::fromArray(['field' => 'caption', ...$fill])->applied($rows))->toBe($after);
})->with([
    'a pattern for all' => [['act' => 'set', 'text' => '[place]/[all]', 'from' => 5], ['5/3', '6/3', '7/3']],
    'only where there is none' => [['act' => 'set', 'text' => '[title] [place]', 'only_empty' => true], [null, 'T 1', null]],
    'before' => [['act' => 'before', 'text' => '[place].'], ['1. One kite', '2.', '3. Two kites']],
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
        ->and($facts->keywords)->toBe(['tide', 'boat'] === [] ? [] : ['Tide', 'boat'])->and($facts->camera)->toBe('Box 3')
        ->and($facts->takenAt)->toBe(gmmktime(12, 33, 1, 5, 1, 2024))->and($facts->rights)->toBe('© Ada');
    expect(FileFacts::of(['IFD0:ImageDescription' => 'SOME DIGITAL CAMERA', 'ExifIFD:DateTimeOriginal' => '0000:00:00 00:00:00'])->words)->toBe([])
        ->and(FileFacts::of(['ExifIFD:DateTimeOriginal' => '2024-13-41T00:00:00'])->takenAt)->toBeNull()
        ->and(FileFacts::of(['Track1:ImageWidth' => 1920, 'Track1:ImageHeight' => 1080, 'Composite:Rotation' => 90, 'Matroska:Duration' => '00:01:05.5'])->size)->toBe([1080, 1920]);
});
