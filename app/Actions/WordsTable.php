<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\ItemRow;
use App\Models\ItemRows;
use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Wording\CsvRows;

/** The words of a gallery as a CSV file, out and in. (RFC 4180) */
final readonly class WordsTable
{
    private const BOM = "\u{FEFF}";

    public function __construct(private ChangeGallery $change)
    {
    }

    /** With a byte order mark, without which spreadsheets take UTF-8 for something else. */
    public function out(Gallery $gallery): string
    {
        $file = fopen('php://memory', 'r+b') ?: throw new \RuntimeException('There is no memory for a temporary file.');
        foreach (CsvRows::out($this->items($gallery)) as $row) {
            fputcsv($file, $row, ',', '"', '', "\r\n");
        }
        rewind($file);

        return self::BOM.stream_get_contents($file);
    }

    /**
     * What a file would change.
     *
     * @return array{words: array<string, array<string, string|bool|null>>, problems: list<array{line: int, says: string}>}
     */
    public function preview(Gallery $gallery, string $csv): array
    {
        return CsvRows::in(self::rows($csv), $this->items($gallery));
    }

    /**
     * @return array{gallery: Gallery, problems: list<array{line: int, says: string}>}
     *
     * @throws StaleVersionException when there is a newer version
     */
    public function in(Gallery $gallery, int $version, string $csv, ?string $userId): array
    {
        ['words' => $words, 'problems' => $problems] = $this->preview($gallery, $csv);
        $changed = $words === [] ? $gallery : $this->change->handle($gallery->id, $version, Reword::of($words), $userId);

        return ['gallery' => $changed, 'problems' => $problems];
    }

    /**
     * @return list<array{id: string, file: string, words: Words}>
     */
    private function items(Gallery $gallery): array
    {
        return array_map(static fn (ItemRow $row): array => ['id' => $row->id(), 'file' => $row->html() === null ? $row->name() : 'text', 'words' => $row->words()], ItemRows::of($gallery->id)->all);
    }

    /**
     * @return array<int, list<string>> by the line they begin at, from 1
     */
    private static function rows(string $csv): array
    {
        $csv = str_starts_with($csv, self::BOM) ? substr($csv, strlen(self::BOM)) : $csv;
        if (! mb_check_encoding($csv, 'UTF-8')) {
            // What old spreadsheets write in Western Europe.
            $csv = mb_convert_encoding($csv, 'UTF-8', 'Windows-1252');
        }
        $file = fopen('php://memory', 'r+b') ?: throw new \RuntimeException('There is no memory for a temporary file.');
        fwrite($file, str_replace(["\r\n", "\r"], "\n", (string) $csv));
        rewind($file);
        $separator = self::separator((string) fgets($file));
        rewind($file);
        $rows = [];
        $line = 1;
        while (true) {
            $start = (int) ftell($file);
            $cells = fgetcsv($file, null, $separator, '"', '');
            if ($cells === false) {
                return $rows;
            }
            $rows[$line] = array_map(strval(...), $cells);
            $end = (int) ftell($file);
            fseek($file, $start);
            $line += substr_count((string) fread($file, max(1, $end - $start)), "\n");
        }
    }

    /** Commas, or semicolons as spreadsheets have them where the comma is in numbers, or tabs. */
    private static function separator(string $first): string
    {
        $counts = [',' => substr_count($first, ','), ';' => substr_count($first, ';'), "\t" => substr_count($first, "\t")];
        arsort($counts);

        return (string) array_key_first($counts);
    }
}
