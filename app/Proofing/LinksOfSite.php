<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Publishing\Contents;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\PageAddress;
use ZincPane\Core\Site\SiteState;

/** Where the words of pages lead within the site. */
final class LinksOfSite
{
    /** @var array<string, array<string, list<string>>> by what the pages hold */
    private array $known = [];

    public function __construct(private readonly Contents $contents)
    {
    }

    /**
     * Pages whose words lead to another.
     *
     * @return array<string, list<string>> titles of the pages, by the path that they lead to
     */
    public function of(SiteState $saved): array
    {
        $key = implode(' ', array_map(static fn ($page): string => "{$page->id}:{$page->body}:{$page->title}:{$page->address}", $saved->pages));
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $this->contents->fetch(array_values($saved->pages));
        $links = [];
        foreach ($saved->pages as $page) {
            preg_match_all('~href\s*=\s*\\\\?["\'](/[^"\'\\\\#?]*)~i', $this->contents->body($page)->content, $found);
            foreach (array_unique($found[1]) as $path) {
                if ($path !== $page->path()) {
                    $links[$path][] = $page->title;
                }
            }
        }

        return ($this->known = [$key => $links])[$key];
    }

    /** Whether visitors come to a page: by its address, the menu, or words of another page. */
    public function isFound(Page $page, SiteState $saved): bool
    {
        return $page->address === PageAddress::HOME || $page->label !== null || isset($this->of($saved)[$page->path()]);
    }
}
