<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Words;

use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;
use ZincPane\Core\Wording\TitleFromName;

/** Titles and captions that are names of files. */
final readonly class TitleIsFileName implements Rule
{
    public function code(): string
    {
        return 'words-are-file-name';
    }

    public function stage(): Stage
    {
        return Stage::Words;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        foreach ($gallery->pictures() as $item) {
            $words = $gallery->words($item);
            $named = array_filter([$words->title, $words->caption], self::isFileName(...));
            if ($named !== []) {
                $found[] = Sighting::ofItem($item->id, implode(' / ', $named));
            }
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return count($seen) === 1 ? "“{$seen[0]->seen}” is the name of a file, and visitors read it." : 'The words of '.count($seen)." pictures are names of files, and visitors read them: “{$seen[0]->seen}”, for one.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        $words = [];
        foreach ($seen as $sighting) {
            $now = $gallery->words($gallery->gallery->item((string) $sighting->item));
            foreach (['title' => $now->title, 'caption' => $now->caption] as $field => $text) {
                if (self::isFileName($text)) {
                    $words[(string) $sighting->item][$field] = TitleFromName::titleOf($text) ?? '';
                }
            }
        }
        yield Mend::by(count($seen) === 1 ? 'Take the file name out' : 'Take the file names out', Reword::of($words));
    }

    /** A year, or what short things are called, is no file name: "1998", "A380". */
    private static function isFileName(string $text): bool
    {
        return preg_match('/\.\w{3,4}$|\p{L}.*\d{4}/u', $text) === 1 && TitleFromName::isFileName($text);
    }
}
