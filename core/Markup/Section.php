<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\Layout;

/** A run of tiles that is laid out by itself: a gallery, or one of its albums. */
final readonly class Section
{
    /**
     * @param  ?string  $name  of the album; null for a gallery without albums, or what is in none
     * @param  list<Shown>  $items
     */
    private function __construct(public ?string $name, public array $items, public Arrangement $arrangement)
    {
    }

    /**
     * The items as visitors see them: by album where albums are shown, those in none first.
     *
     * @param  list<Shown>  $items
     * @param  list<?string>  $albums  of each item, the identifier of its album
     * @return non-empty-list<self>
     */
    public static function of(array $items, array $albums, Albums $shown, Layout $layout): array
    {
        $byAlbum = ['' => []];
        foreach ($items as $i => $item) {
            $album = $shown->view === AlbumView::None || $shown->nameOf($albums[$i]) === null ? '' : (string) $albums[$i];
            $byAlbum[$album][] = $item;
        }
        $sections = $byAlbum[''] === [] && count($byAlbum) > 1 ? [] : [self::laidOut(null, $byAlbum[''], $layout)];
        foreach ($shown->list as $album) {
            if (isset($byAlbum[$album->id])) {
                $sections[] = self::laidOut($album->name, $byAlbum[$album->id], $layout);
            }
        }

        return $sections === [] ? [self::laidOut(null, [], $layout)] : $sections;
    }

    /**
     * @param  list<Shown>  $items
     */
    private static function laidOut(?string $name, array $items, Layout $layout): self
    {
        return new self($name, $items, $layout->arrange(array_map(static fn (Shown $item): Ratio => $item->ratio(), $items)));
    }
}
