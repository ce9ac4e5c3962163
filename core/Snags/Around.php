<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** What a gallery stands on, and what there is beside it. */
final readonly class Around
{
    /**
     * @param  list<Standing>  $pages  that it stands on
     * @param  list<string>  $paths  of all pages of the site, each with its first slash
     * @param  string  $text  colour of the letters of pages
     * @param  string  $ground  colour that pages stand on
     * @param  bool  $isUsed  whether it is shown anywhere at all: on a page, or on somebody's
     */
    public function __construct(public array $pages = [], public array $paths = [], public string $text = '#000000', public string $ground = '#ffffff', public bool $isUsed = true)
    {
    }
}
