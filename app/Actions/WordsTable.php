<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\CsvFile;
use App\Models\Gallery;
use App\Models\ItemRow;
use App\Models\ItemRows;
use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Wording\CsvRows;
use ZincPane\Core\Wording\CsvText;

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
     * @return array{words: array<string, array<string, string|bool|null>>, problems: list<array{line: int, says: string}>, read_as: string} read_as: how it was understood, in words
     */
    public function preview(Gallery $gallery, string $csv): array
    {
        $text = CsvText::read($csv);

        return [...CsvRows::in(CsvFile::rows($text), $this->items($gallery)), 'read_as' => $text->says()];
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
}
