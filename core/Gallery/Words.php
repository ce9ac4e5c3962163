<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** The words that belong to a picture: plain text, an empty one is none. */
final readonly class Words
{
    public function __construct(
        public string $title = '',
        public string $caption = '',
        public string $alt = '',
    ) {
    }
}
