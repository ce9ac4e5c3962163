<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Pages;

use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** An own id of the gallery that something else on a page has too. */
final readonly class IdTwice implements Rule
{
    public function code(): string
    {
        return 'id-twice';
    }

    public function stage(): Stage
    {
        return Stage::Pages;
    }

    public function found(Inspected $gallery): array
    {
        $id = $gallery->gallery->design->finish->own->id;
        $found = [];
        foreach ($gallery->around->pages as $page) {
            if ($page->takenId !== null && $page->takenId === $id) {
                $found[] = Sighting::ofPage($page->id, "{$page->title}: {$id}");
            }
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        $id = $gallery->gallery->design->finish->own->id;

        return "The id “{$id}” is on ".(count($seen) === 1 ? "“{$this->title($gallery, $seen[0])}”" : count($seen).' pages').' twice: links and style sheets find only one of the two.';
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        yield Mend::design('Give the gallery no id of its own', ['finish' => ['own' => ['id' => '']]]);
    }

    private function title(Inspected $gallery, Sighting $seen): string
    {
        foreach ($gallery->around->pages as $page) {
            if ($page->id === $seen->page) {
                return $page->title;
            }
        }

        return '';
    }
}
