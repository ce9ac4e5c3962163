<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\GalleryItem;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Layout\Layouts;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\Section;
use ZincPane\Core\Markup\Shown;

/** A gallery as it is now, or as an edition froze it, ready for the core to draw. */
final readonly class GalleryRenderer
{
    /** @var non-empty-list<Section> */
    public array $sections;

    /**
     * @param  list<Shown>  $items
     * @param  list<?string>  $inAlbums  of each item, the identifier of its album
     */
    private function __construct(
        public About $about,
        public GalleryDesign $design,
        private Albums $albums,
        public array $items,
        private array $inAlbums,
    ) {
        $this->sections = Section::of($items, $inAlbums, $albums, Layouts::of($design));
    }

    /** Of the saved state; needs items with their pictures. What is hidden, or has no file yet, is not drawn. */
    public static function ofDraft(Gallery $gallery): self
    {
        $items = $albums = [];
        foreach ($gallery->items as $row) {
            $shown = $row->is_hidden ? null : self::shown($row);
            if ($shown !== null) {
                $items[] = $shown;
                $albums[] = $row->album;
            }
        }
        $document = $gallery->about();

        return new self($document, GalleryDesign::fromArray($gallery->design), Albums::parse($gallery->albums['list'], $gallery->albums['view']), $items, $albums);
    }

    /**
     * @param  array<string, mixed>  $content  as toArray() gave it
     */
    public static function ofEdition(array $content): self
    {
        /** @var array{about: array<string, mixed>, design: array<string, mixed>, albums: array{list: mixed, view: mixed}, items: list<array<string, mixed>>, in_albums: list<?string>} $content */
        return new self(
            About::titled('-')->with($content['about']),
            GalleryDesign::fromArray($content['design']),
            Albums::parse($content['albums']['list'], $content['albums']['view']),
            array_map(FrozenItem::read(...), $content['items']),
            $content['in_albums'],
        );
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
        ];
    }

    /**
     * @param  string  $id  its own on the page
     */
    public function fragment(string $id, ContentWidth $content): Fragment
    {
        return (new GalleryMarkup($id, $this->design, $content))->render($this->about, $this->albums->view, $this->sections);
    }

    private static function shown(GalleryItem $row): ?Shown
    {
        return $row->picture === null
            ? ShownItems::text($row->text ?? '', $row->words())
            : ShownItems::picture($row->picture, $row->words());
    }
}
