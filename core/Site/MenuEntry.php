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
}
