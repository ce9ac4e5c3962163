<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Access\EmbedOrigins;
use ZincPane\Core\Access\EmbedRule;

/** What is known here of a gallery that was found on a page. */
final readonly class KnownGallery
{
    /**
     * @param  int  $pictures  that it has
     * @param  array<string, string>  $stamps  of what would be copied now, by kind
     */
    public function __construct(public string $id, public string $title, public bool $isLive, public bool $isLocked, public EmbedOrigins $origins, public int $pictures, public array $stamps)
    {
    }

    public function stamp(EmbedKind $kind): string
    {
        return $this->stamps[$kind->value] ?? '';
    }

    /** Why visitors see words in its place; null where they see it. */
    public function hidden(): ?string
    {
        return match (true) {
            ! $this->isLive => 'is not live: visitors see a sentence in its place',
            $this->isLocked => 'is locked, and opens on this site only',
            $this->origins->rule === EmbedRule::Nobody => 'may be embedded by no site',
            default => null,
        };
    }
}
