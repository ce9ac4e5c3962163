<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Markup\Fragment;

/** What a page is put together from. */
final readonly class Composed
{
    /**
     * @param  string  $title  of the page
     * @param  string  $path  that visitors find it under; empty for none
     * @param  list<string>  $blocks  HTML
     * @param  array<int, list<Fragment>>  $panes  by how many blocks stand before them
     * @param  list<Fragment>  $above  what stands on every page, above its content
     * @param  list<Fragment>  $below  and above its footer
     * @param  string  $css  that its blocks need
     * @param  string  $head  elements that its head has besides
     * @param  string  $end  HTML at the end of its content
     */
    public function __construct(
        public string $title,
        public string $path,
        public array $blocks,
        public array $panes = [],
        public array $above = [],
        public array $below = [],
        public string $css = '',
        public string $head = '',
        public string $end = '',
    ) {
    }

    /** With more in its head. */
    public function headed(string $head): self
    {
        return new self($this->title, $this->path, $this->blocks, $this->panes, $this->above, $this->below, $this->css, $this->head.$head, $this->end);
    }
}
