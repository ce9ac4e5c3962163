<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Site;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\Parts;
use ZincPane\Core\Site\SiteWords;

/** What says in words what is otherwise of the pages, with the titles of galleries and the words of pages at hand. */
final readonly class WordsOfSite
{
    public function __construct(private Contents $contents)
    {
    }

    public function of(Site $site): SiteWords
    {
        $titles = [];

        return new SiteWords(
            static function (string $id) use (&$titles): string {
                return $titles[$id] ??= Gallery::withTrashed()->find($id)->title ?? 'a gallery';
            },
            fn (Page $page): ?Parts => $this->contents->parts($page),
            $site->isRightToLeft(),
        );
    }
}
