<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Pages;

use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;
use ZincPane\Core\Snags\Standing;

/** Pages with the gallery that no menu and no words lead to. */
final readonly class NotFound implements Rule
{
    public function code(): string
    {
        return 'page-in-no-menu';
    }

    public function stage(): Stage
    {
        return Stage::Pages;
    }

    public function found(Inspected $gallery): array
    {
        return array_map(static fn (Standing $page): Sighting => Sighting::ofPage($page->id, $page->title), array_values(array_filter($gallery->around->pages, static fn (Standing $page): bool => ! $page->isFound)));
    }

    public function says(Inspected $gallery, array $seen): string
    {
        $titles = implode(', ', array_map(static fn (Sighting $sighting): string => "“{$sighting->seen}”", $seen));

        return count($seen) === 1 ? "{$titles} is in no menu, and no page leads to it: visitors will not find the gallery there." : "{$titles} are in no menu, and no page leads to them: visitors will not find the gallery there.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        foreach ($seen as $sighting) {
            yield Mend::inMenu((string) $sighting->page, $sighting->seen);
        }
    }
}
