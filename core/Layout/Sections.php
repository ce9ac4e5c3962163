<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Geometry\Ratio;

/** Parts a gallery into what is arranged by itself: its albums where they are shown, else its pages. */
final readonly class Sections
{
    /** Inner width in px at which the rows of a page are counted. */
    private const PAGE_WIDTH = 1120;

    public function __construct(private Arranger $arranger)
    {
    }

    /**
     * The items as visitors see them: by album where albums are shown, those in none first.
     *
     * @param  list<Ratio>  $shapes  of the items
     * @param  list<?string>  $inAlbums  of each item, the identifier of its album
     * @param  list<bool>  $large  of each item, whether it is to be large
     * @return non-empty-list<Section>
     */
    public function of(array $shapes, array $inAlbums, array $large, Albums $albums, GalleryDesign $design): array
    {
        $byAlbum = [];
        foreach (array_keys($shapes) as $place) {
            $album = $albums->view === AlbumView::None || $albums->nameOf($inAlbums[$place]) === null ? '' : (string) $inAlbums[$place];
            $byAlbum[$album][] = $place;
        }
        $sections = [];
        if (isset($byAlbum['']) || $byAlbum === []) {
            $sections[] = $this->arranged(null, $byAlbum[''] ?? [], $shapes, $large, $design);
        }
        foreach ($albums->list as $album) {
            if (isset($byAlbum[$album->id])) {
                $sections[] = $this->arranged($album->name, $byAlbum[$album->id], $shapes, $large, $design);
            }
        }
        // An item is either in none of the albums or in one of the list, so there is a section.
        $first = $sections[0] ?? $this->arranged(null, [], $shapes, $large, $design);

        return count($sections) <= 1 && $design->layout->initialView === InitialView::Pages ? $this->paged($first, $shapes, $design) : [$first, ...array_slice($sections, 1)];
    }

    /**
     * As many tiles a page as stand in its rows on a wide page.
     *
     * @param  list<Ratio>  $shapes
     * @return non-empty-list<Section>
     */
    private function paged(Section $whole, array $shapes, GalleryDesign $design): array
    {
        $most = $whole->arrangement->at(self::PAGE_WIDTH)->rowStarts[$design->layout->initialRows] ?? 0;
        if ($most < 1) {
            return [$whole];
        }
        $pages = [];
        foreach (array_chunk($whole->places, $most) as $i => $places) {
            $pages[] = $this->arranged($whole->name, $places, $shapes, [], $design, $i + 1);
        }

        return $pages === [] ? [$whole] : $pages;
    }

    /**
     * @param  list<int>  $places
     * @param  list<Ratio>  $shapes
     * @param  list<bool>  $large
     */
    private function arranged(?string $name, array $places, array $shapes, array $large, GalleryDesign $design, ?int $page = null): Section
    {
        $own = array_map(static fn (int $place): Ratio => $shapes[$place], $places);
        $grown = array_keys(array_filter($places, static fn (int $place): bool => $large[$place] ?? false));

        return new Section($name, $places, $this->arranger->arranged($design, $own, $grown), $page);
    }
}
