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
    public const PAGE_WIDTH = 1120;

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
        $sections = array_map(fn (array $part): Section => $this->arranged($part[0], $part[1], $shapes, $large, $design), self::parts($inAlbums, $albums));

        return count($sections) <= 1 && $design->layout->initialView === InitialView::Pages ? $this->paged($sections[0], $shapes, $large, $design) : $sections;
    }

    /**
     * What is arranged by itself: the albums where they are shown, and first what is in none.
     *
     * @param  list<?string>  $inAlbums  of each item, the identifier of its album
     * @return non-empty-list<array{?string, list<int>}> name of the album, and which of the items are in it
     */
    public static function parts(array $inAlbums, Albums $albums): array
    {
        $byAlbum = [];
        foreach ($inAlbums as $place => $album) {
            $byAlbum[$albums->view === AlbumView::None || $albums->nameOf($album) === null ? '' : (string) $album][] = $place;
        }
        $parts = [];
        if (isset($byAlbum['']) || $byAlbum === []) {
            $parts[] = [null, $byAlbum[''] ?? []];
        }
        foreach ($albums->list as $album) {
            if (isset($byAlbum[$album->id])) {
                $parts[] = [$album->name, $byAlbum[$album->id]];
            }
        }

        // An item is either in none of the albums or in one of the list, so there is a part.
        return $parts === [] ? [[null, []]] : $parts;
    }

    /**
     * The places of each page, where a gallery is shown page by page.
     *
     * @param  list<int>  $places
     * @param  BandArrangement  $whole  all of them, at the width at which the rows of a page are counted
     * @return non-empty-list<list<int>>
     */
    public static function pages(array $places, BandArrangement $whole, int $rows): array
    {
        $most = $whole->rowStarts[$rows] ?? 0;
        $pages = $most < 1 ? [] : array_chunk($places, $most);

        return $pages === [] ? [$places] : $pages;
    }

    /**
     * As many tiles a page as stand in its rows on a wide page.
     *
     * @param  list<Ratio>  $shapes
     * @param  list<bool>  $large
     * @return non-empty-list<Section>
     */
    private function paged(Section $whole, array $shapes, array $large, GalleryDesign $design): array
    {
        $pages = self::pages($whole->places, $whole->arrangement->at(self::PAGE_WIDTH), $design->layout->initialRows);
        if (count($pages) === 1) {
            return [$whole];
        }

        return array_map(fn (array $places, int $page): Section => $this->arranged($whole->name, $places, $shapes, $large, $design, $page + 1), $pages, array_keys($pages));
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
