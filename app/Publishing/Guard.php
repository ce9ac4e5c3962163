<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Site;
use ZincPane\Core\Access\EmbedOrigins;
use ZincPane\Core\Edition\FrozenGallery;

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

    /**
     * @param  array<string, FrozenGallery>  $galleries  by identifier
     * @param  array<string, self>  $guards  the same
     * @return array<string, FrozenGallery> those that everybody may see
     */
    public static function unlocked(array $galleries, array $guards): array
    {
        return array_filter($galleries, static fn (string $id): bool => ($guards[$id] ?? null)?->isLocked !== true, ARRAY_FILTER_USE_KEY);
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
