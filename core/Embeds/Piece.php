<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** Something to copy, and where it belongs. */
final readonly class Piece
{
    /**
     * @param  string  $place  where it belongs, in words
     * @param  string  $text  to be copied as it is
     */
    public function __construct(public string $place, public string $text)
    {
    }
}
