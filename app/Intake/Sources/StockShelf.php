<?php

declare(strict_types=1);

namespace App\Intake\Sources;

use App\Intake\Provenance;
use App\Models\Picture;
use ZincPane\Core\Colour\Oklab;

/**
 * A folder with an index that stands in for a service of free pictures: searched by keyword,
 * category and colour; credit and licence stay with the picture.
 *
 * @phpstan-type Entry array{file: string, title: string, alt: string, keywords: list<string>, category: string, colour: string, credit: string, licence: string}
 */
final readonly class StockShelf implements Source
{
    /** How far in OKLab the colour of a picture may be from the one that is looked for. */
    private const NEAR = 0.2;

    public function __construct(private string $folder)
    {
    }

    public function name(): string
    {
        return 'shelf';
    }

    public function label(): string
    {
        return 'stock shelf';
    }

    public function facets(): SourceFacets
    {
        $categories = array_values(array_unique(array_column($this->index(), 'category')));
        sort($categories);

        return new SourceFacets(byKeyword: true, byColour: true, categories: $categories);
    }

    public function find(SourceQuery $query): array
    {
        $found = [];
        foreach ($this->index() as $entry) {
            $distance = $query->colour === null ? 0.0 : $query->colour->distance(Oklab::fromRgb((int) hexdec(ltrim($entry['colour'], '#'))));
            if ($distance <= self::NEAR && ($query->category === '' || $query->category === $entry['category']) && self::says($entry, $query->words)) {
                $found[] = [$distance, $this->file($entry)];
            }
        }
        usort($found, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return array_column($found, 1);
    }

    public function get(string $id): SourceFile
    {
        foreach ($this->index() as $entry) {
            if ($entry['file'] === $id) {
                return $this->file($entry);
            }
        }
        throw SourceException::noSuchFile($this->label(), $id);
    }

    public function remember(): void
    {
        // A shelf has nothing new of its own accord.
    }

    /**
     * @return list<Entry>
     */
    private function index(): array
    {
        $index = json_decode((string) @file_get_contents("{$this->folder}/index.json"), true);
        if (! is_array($index) || ! array_is_list($index)) {
            throw SourceException::brokenIndex($this->label());
        }

        /** @var list<Entry> $index */
        return array_values(array_filter($index, fn (array $entry): bool => basename($entry['file']) === $entry['file'] && is_file("{$this->folder}/{$entry['file']}")));
    }

    /**
     * @param  Entry  $entry
     */
    private function file(array $entry): SourceFile
    {
        $path = "{$this->folder}/{$entry['file']}";
        $words = ['title' => $entry['title'], 'alt' => $entry['alt'], 'credit' => $entry['credit']];

        return new SourceFile(
            $entry['file'], $path, $entry['title'], new Provenance($this->name(), $words, licence: $entry['licence'], keywords: $entry['keywords']),
            isTaken: Picture::query()->where('hash', (string) hash_file('sha256', $path))->exists(),
            keywords: $entry['keywords'], category: $entry['category'], colour: $entry['colour'],
        );
    }

    /**
     * @param  Entry  $entry
     */
    private static function says(array $entry, string $words): bool
    {
        $text = mb_strtolower($entry['title'].' '.implode(' ', $entry['keywords']).' '.$entry['category']);
        foreach (preg_split('/\s+/u', mb_strtolower(trim($words)), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (! str_contains($text, $word)) {
                return false;
            }
        }

        return true;
    }
}
