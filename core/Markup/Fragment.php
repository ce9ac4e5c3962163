<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

/** A gallery ready to stand somewhere: its HTML and the CSS that goes with it. */
final readonly class Fragment
{
    /**
     * @param  string  $id  part of every selector
     */
    public function __construct(public string $id, public string $html, public string $css)
    {
    }
}
