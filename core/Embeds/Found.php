<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** A part of an embed that was found on a page. */
final readonly class Found
{
    /**
     * @param  FoundPart  $part  what it is
     * @param  string  $gallery  identifier of its gallery, or what stands in its place; empty where that was lost
     * @param  string  $stamp  of what it was when it was copied; empty where that was lost
     * @param  bool  $isWhole  whether it has all that it was copied with
     * @param  int  $count  of such parts
     * @param  int  $width  px of the place that it was drawn for; 0 for any
     */
    public function __construct(public FoundPart $part, public string $gallery, public string $stamp = '', public bool $isWhole = true, public int $count = 1, public int $width = 0)
    {
    }
}
