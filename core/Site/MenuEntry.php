<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** An entry of the menu with those below it. */
final readonly class MenuEntry
{
    /**
     * @param  list<self>  $below
     */
    public function __construct(public Page $page, public string $label, public array $below)
    {
    }

    /** Whether it leads to the page, or one below it does. */
    public function leadsTo(string $page): bool
    {
        if ($this->page->id === $page) {
            return true;
        }
        foreach ($this->below as $entry) {
            if ($entry->leadsTo($page)) {
                return true;
            }
        }

        return false;
    }
}
