<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\GalleryItem;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\Section;
use ZincPane\Core\Markup\Shown;

/** A gallery as it is now, or as an edition froze it, ready for the core to draw. */
final class GalleryRenderer
{
    /** @var non-empty-list<Section>|null */
    private ?array $sections = null;

    /**
     * @param  list<Shown>  $items
     * @param  list<?string>  $inAlbums  of each item, the identifier of its album
     * @param  list<bool>  $large  of each item, whether it is to be large
     */
    private function __construct(
        public readonly About $about,
        public readonly GalleryDesign $design,
        private readonly Albums $albums,
        public readonly array $items,
        private readonly array $inAlbums,
        public readonly array $large,
    ) {
    }

    /**
     * @return non-empty-list<Section>
     */
    public function sections(): array
    {
        // Not before it is asked for: an edition is often read for its items alone.
        return $this->sections ??= Section::of($this->items, $this->inAlbums, $this->albums, $this->design, $this->large);
    }

    /** Of the saved state, or as another design would draw it; needs items with their pictures. What is hidden, or has no file yet, is not drawn. */
    public static function ofDraft(Gallery $gallery, ?GalleryDesign $design = null): self
    {
        $items = $albums = $large = [];
        $design ??= GalleryDesign::fromArray($gallery->design);
        foreach ($gallery->items as $row) {
            $shown = $row->is_hidden ? null : self::shown($row);
            if ($shown !== null) {
                $items[] = $shown;
                $albums[] = $row->album;
                $large[] = in_array($row->id, $design->layout->large, true);
            }
        }
        $document = $gallery->about();

        return new self($document, $design, Albums::parse($gallery->albums['list'], $gallery->albums['view']), $items, $albums, $large);
    }

    /**
     * @param  array<string, mixed>  $content  as toArray() gave it
     */
    public static function ofEdition(array $content): self
    {
        /** @var array{about: array<string, mixed>, design: array<string, mixed>, albums: array{list: mixed, view: mixed}, items: list<array<string, mixed>>, in_albums: list<?string>, large?: list<bool>} $content */
        return new self(
            About::titled('-')->with($content['about']),
            GalleryDesign::fromArray($content['design']),
            Albums::parse($content['albums']['list'], $content['albums']['view']),
            array_map(FrozenItem::read(...), $content['items']),
            $content['in_albums'],
            $content['large'] ?? [],
        );
    }

    /** The same with tiles of another size, as a pane may wish. */
    public function sized(?TileSize $size): self
    {
        return $size === null ? $this : new self($this->about, $size->in($this->design), $this->albums, $this->items, $this->inAlbums, $this->large);
    }

    /**
     * The frozen copy that an edition keeps.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'about' => $this->about->toArray(),
            'design' => $this->design->toArray(),
            'albums' => $this->albums->toArray(),
            'items' => array_map(FrozenItem::write(...), $this->items),
            'in_albums' => $this->inAlbums,
            'large' => $this->large,
        ];
    }

    /**
     * @param  string  $id  its own on the page
     */
    public function fragment(string $id, ContentWidth $content): Fragment
    {
        return (new GalleryMarkup($id, $this->design, $content))->render($this->about, $this->albums->view, $this->sections());
    }

    private static function shown(GalleryItem $row): ?Shown
    {
        return $row->picture === null
            ? ShownItems::text($row->text ?? '', $row->words())
            : ShownItems::picture($row->picture, $row->words());
    }
}
