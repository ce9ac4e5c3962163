<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Phrases\Phrases;

/** What every kind of embed is made from. */
final readonly class EmbedSource
{
    /**
     * @param  string  $id  of the gallery, a ULID
     * @param  non-empty-list<Section>  $sections
     * @param  string  $host  scheme and name of this host, without a closing slash
     * @param  Phrases  $phrases  of the language that visitors are spoken to in
     * @param  ContentWidth  $content  of the place on the other page, as far as it is known
     */
    public function __construct(
        public string $id,
        public FrozenGallery $gallery,
        public array $sections,
        public string $host,
        public Phrases $phrases,
        public ContentWidth $content,
    ) {
    }

    public function title(): string
    {
        return $this->gallery->about->title;
    }

    public function addresses(): Addresses
    {
        return Addresses::absolute($this->host);
    }

    /** The gallery by itself, for whoever follows a link and for frames. */
    public function page(): string
    {
        return $this->addresses()->ofPage(self::path($this->id));
    }

    /** Where that page lies, from the top of what is published. */
    public static function path(string $galleryId): string
    {
        return "embed/{$galleryId}";
    }

    public function hasVideos(): bool
    {
        foreach ($this->gallery->items as $item) {
            if ($item instanceof ShownPicture && $item->video !== null) {
                return true;
            }
        }

        return false;
    }
}
