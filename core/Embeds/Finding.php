<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** Something about an embed on a page: what is so, and how it is mended. */
final readonly class Finding
{
    /**
     * @param  string  $code  stays the same
     * @param  bool  $isFault  visitors notice it; else it is only told
     * @param  ?EmbedKind  $kind  of which a piece is to be copied to mend it
     */
    public function __construct(public string $code, public string $says, public string $mend, public bool $isFault = true, public string $gallery = '', public ?EmbedKind $kind = null)
    {
    }
}
