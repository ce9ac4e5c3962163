<?php

declare(strict_types=1);

namespace App\Elsewhere;

use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\Painter;
use App\Serving\Hosts;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Embeds\EmbedSource;

/** Galleries, ready to be made into something for pages elsewhere. */
final readonly class EmbedSources
{
    public function __construct(private Painter $painter)
    {
    }

    /** As visitors have it; before it is live, as it is saved. */
    public static function shown(Gallery $gallery): FrozenGallery
    {
        return $gallery->edition->content ?? Drafts::of($gallery);
    }

    /**
     * As visitors have it.
     *
     * @param  int  $width  px of the place on the other page; 0 where it is not known
     */
    public function of(Gallery $gallery, int $width = 0): EmbedSource
    {
        return $this->source($gallery, self::shown($gallery), $width, Hosts::origin());
    }

    /** As it is saved, with addresses of this very window. */
    public function draft(Gallery $gallery, int $width = 0): EmbedSource
    {
        return $this->source($gallery, Drafts::of($gallery), $width, '');
    }

    /** The same of another state of its gallery. */
    public function again(EmbedSource $source, FrozenGallery $frozen): EmbedSource
    {
        return new EmbedSource($source->id, $frozen, $this->painter->sections($frozen), $source->host, $source->phrases, $source->content);
    }

    private function source(Gallery $gallery, FrozenGallery $frozen, int $width, string $host): EmbedSource
    {
        return new EmbedSource($gallery->id, $frozen, $this->painter->sections($frozen), $host, Site::query()->firstOrFail()->phrases(), $width === 0 ? ContentWidth::unknown() : ContentWidth::page(0, $width));
    }
}
