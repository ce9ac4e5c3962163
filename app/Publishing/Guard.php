<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Site;
use ZincPane\Core\Access\EmbedOrigins;

/** Who may have a gallery that is live. */
final readonly class Guard
{
    /**
     * @param  EmbedOrigins  $origins  of pages that it may stand on elsewhere
     */
    private function __construct(public bool $isLocked, public EmbedOrigins $origins)
    {
    }

    public static function of(Gallery $gallery, Site $site): self
    {
        return new self($gallery->isLocked(), $gallery->embedOrigins() ?? $site->embedOrigins());
    }

    /**
     * @return array<string, self> of every gallery there is, by its identifier
     */
    public static function all(Site $site): array
    {
        $guards = [];
        foreach (Gallery::query()->get(['id', 'embed', 'lock_hash']) as $gallery) {
            $guards[$gallery->id] = self::of($gallery, $site);
        }

        return $guards;
    }

    /** For those that are no more, and for tests. */
    public static function open(): self
    {
        return new self(false, EmbedOrigins::anyone());
    }

    /** Whether the web server may give it to anyone without asking. */
    public function isOpen(): bool
    {
        return ! $this->isLocked && $this->origins->isOpen();
    }
}
