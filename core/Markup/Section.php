<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\AtFirst;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\Layouts;

/** A run of tiles that is laid out by itself: a gallery, or one of its albums. */
final readonly class Section
{
    /** Inner width in px at which the rows of a page are counted. */
    private const PAGE_WIDTH = 1120;

    /**
     * @param  ?string  $name  of the album; null for a gallery without albums, or what is in none
     * @param  list<Shown>  $items
     * @param  ?int  $page  from 1, where a gallery is shown page by page
     */
    private function __construct(public ?string $name, public array $items, public Arrangement $arrangement, public ?int $page = null)
    {
    }

    /**
     * The items as visitors see them: by album where albums are shown, those in none first.
     *
     * @param  list<Shown>  $items
     * @param  list<?string>  $albums  of each item, the identifier of its album
     * @param  list<bool>  $large  of each item, whether it is to be large; none is where it is empty
     * @return non-empty-list<self>
     */
    public static function of(array $items, array $albums, Albums $shown, GalleryDesign $design, array $large = []): array
    {
        $byAlbum = $largeByAlbum = ['' => []];
        foreach ($items as $i => $item) {
            $album = $shown->view === AlbumView::None || $shown->nameOf($albums[$i]) === null ? '' : (string) $albums[$i];
            if ($large[$i] ?? false) {
                $largeByAlbum[$album][] = count($byAlbum[$album] ?? []);
            }
            $byAlbum[$album][] = $item;
        }
        $sections = $byAlbum[''] === [] && count($byAlbum) > 1 ? [] : [self::laidOut(null, $byAlbum[''], $design, $largeByAlbum[''])];
        foreach ($shown->list as $album) {
            if (isset($byAlbum[$album->id])) {
                $sections[] = self::laidOut($album->name, $byAlbum[$album->id], $design, $largeByAlbum[$album->id] ?? []);
            }
        }
        $sections = $sections === [] ? [self::laidOut(null, [], $design, [])] : $sections;

        return count($sections) === 1 && $design->layout->atFirst === AtFirst::Pages ? self::paged($sections[0], $design) : $sections;
    }

    /**
     * As many tiles a page as stand in its rows on a wide page.
     *
     * @return non-empty-list<self>
     */
    private static function paged(self $whole, GalleryDesign $design): array
    {
        $most = $whole->arrangement->at(self::PAGE_WIDTH)->rowStarts[$design->layout->firstRows] ?? 0;
        if ($most < 1) {
            return [$whole];
        }
        $pages = [];
        foreach (array_chunk($whole->items, $most) as $i => $items) {
            $pages[] = new self(null, $items, Layouts::arranged($design, self::shapes($items), []), $i + 1);
        }

        return $pages === [] ? [$whole] : $pages;
    }

    /**
     * @param  list<Shown>  $items
     * @param  list<int>  $large
     */
    private static function laidOut(?string $name, array $items, GalleryDesign $design, array $large): self
    {
        return new self($name, $items, Layouts::arranged($design, self::shapes($items), $large));
    }

    /**
     * @param  list<Shown>  $items
     * @return list<Ratio>
     */
    private static function shapes(array $items): array
    {
        return array_map(static fn (Shown $item): Ratio => $item->ratio(), $items);
    }
}
