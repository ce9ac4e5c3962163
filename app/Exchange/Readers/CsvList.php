<?php

declare(strict_types=1);

namespace App\Exchange\Readers;

use App\Exchange\Draft;
use App\Exchange\Names;
use App\Intake\CsvFile;
use ZincPane\Core\Wording\CsvCell;
use ZincPane\Core\Wording\CsvText;

/** A table with a column of file names, and others of words. */
final class CsvList implements Reader
{
    private const FILE = ['file', 'filename', 'file name', 'name', 'picture', 'image', 'path', 'datei', 'bild'];

    private const WORDS = [
        'title' => ['title', 'titel', 'heading'], 'caption' => ['caption', 'legend', 'bildunterschrift'], 'description' => ['description', 'text', 'beschreibung'],
        'alt' => ['alt', 'alt text', 'alternative text', 'alternativtext'], 'credit' => ['credit', 'photographer', 'author', 'creator', 'fotograf'], 'link' => ['link', 'url', 'address'],
    ];

    public function mayRead(string $name): bool
    {
        return in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), ['csv', 'tsv'], true);
    }

    public function read(string $text, string $folder, Names $names): ?Draft
    {
        $csv = CsvText::read($text);
        $rows = CsvFile::rows($csv);
        $columns = array_map(static fn (string $name): string => mb_strtolower(trim($name)), array_shift($rows) ?? []);
        $file = self::column($columns, self::FILE);
        if ($file === null) {
            return null;
        }
        $found = new Found($names, $folder);
        foreach ($rows as $cells) {
            $words = [];
            foreach (self::WORDS as $field => $called) {
                $column = self::column($columns, $called);
                $words[$field] = $column === null ? '' : CsvCell::in($cells[$column] ?? '');
            }
            if (trim($cells[$file] ?? '') !== '') {
                $found->add($cells[$file], $words);
            }
        }

        return $found->isEmpty() ? null : $found->draft("a table ({$csv->says()})", '');
    }

    /**
     * @param  array<int, string>  $columns
     * @param  list<string>  $called
     */
    private static function column(array $columns, array $called): ?int
    {
        foreach ($called as $name) {
            $place = array_search($name, $columns, true);
            if ($place !== false) {
                return $place;
            }
        }

        return null;
    }
}
