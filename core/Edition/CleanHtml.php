<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

/** HTML that was cleaned down to a few marks; nothing else is ever written into a page unescaped. */
final readonly class CleanHtml
{
    private function __construct(public string $html)
    {
    }

    /** The one who calls this has cleaned it. */
    public static function cleanedBefore(string $html): self
    {
        return new self($html);
    }
}
