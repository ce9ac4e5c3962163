<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\Purpose;
use ZincPane\Core\Phrases\Phrases;

/** Draws galleries: for proofs, pages and embeds alike. */
final readonly class Painter
{
    public function __construct(private Sections $sections)
    {
    }

    /**
     * @return non-empty-list<Section>
     */
    public function sections(FrozenGallery $gallery): array
    {
        return $gallery->sections($this->sections);
    }

    /**
     * @param  string  $id  its own on the page
     * @param  ContentWidth  $content  of the place where it stands
     * @param  ?Phrases  $phrases  in the language of the page; null for English
     */
    public function draw(FrozenGallery $gallery, string $id, ContentWidth $content, Addresses $addresses, ?Phrases $phrases = null): Fragment
    {
        return (new GalleryMarkup($id, $gallery, $this->sections($gallery), $content, $addresses, Purpose::Live, $phrases))->render();
    }

    /** For the studio, which takes HTML and style apart. */
    public function proof(FrozenGallery $gallery, string $id, ContentWidth $content, ?Phrases $phrases = null): GalleryMarkup
    {
        return new GalleryMarkup($id, $gallery, $this->sections($gallery), $content, Addresses::rooted(), Purpose::Proof, $phrases);
    }
}
