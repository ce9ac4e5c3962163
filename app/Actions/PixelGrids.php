<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\GridMaker;
use App\Models\Picture;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\Connection;
use ZincPane\Core\Colour\PixelGrid;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Geometry\Size;

/** The pictures of a gallery made small, for who has to look at their pixels; each is made once, with the files of its picture. */
final readonly class PixelGrids
{
    private const TABLE = 'picture_rasters';

    public function __construct(private Connection $database, private GridMaker $maker, private Factory $disks)
    {
    }

    /**
     * @param  array<int, ShownPicture>  $pictures
     * @return array<int, PixelGrid> by the same keys; one that cannot be read is left out
     */
    public function of(array $pictures): array
    {
        $keys = array_map(static fn (ShownPicture $picture): string => basename($picture->address), $pictures);
        $known = $this->stored(array_values(array_unique($keys)));
        $grids = [];
        foreach ($pictures as $place => $picture) {
            $grid = $known[$keys[$place]] ??= $this->made($keys[$place], $picture->size, $picture->renditions);
            if ($grid !== null) {
                $grids[$place] = $grid;
            }
        }

        return $grids;
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, ?PixelGrid>
     */
    private function stored(array $keys): array
    {
        $stored = [];
        foreach (array_chunk($keys, 500) as $some) {
            foreach ($this->database->table(self::TABLE)->whereIn('rendition_key', $some)->get() as $row) {
                /** @var \stdClass&object{rendition_key: string, width: int, height: int, numbers: string, colours: string} $row */
                $stored[$row->rendition_key] = PixelGrid::of(max(1, $row->width), max(1, $row->height), $row->numbers, $row->colours);
            }
        }

        return $stored;
    }

    /** Makes that of a picture whose files are there, so that nobody waits for it who dresses a gallery. */
    public function prepare(Picture $picture): void
    {
        $key = $picture->rendition_key;
        if (! $this->database->table(self::TABLE)->where('rendition_key', $key)->exists()) {
            $this->made($key, $picture->size(), array_values($picture->madeRenditions()));
        }
    }

    /**
     * @param  list<Rendition>  $renditions
     */
    private function made(string $key, Size $size, array $renditions): ?PixelGrid
    {
        $file = null;
        foreach ($renditions as $rendition) {
            // The smallest that has all the pixels that are looked at.
            if ($rendition->format === Format::Jpeg && ($file === null || $file->width < PixelGrid::sizeFor($size->width, $size->height)[0])) {
                $file = $rendition;
            }
        }
        $file ??= $renditions[0] ?? null;
        $grid = $file === null ? null : $this->maker->make($this->disks->disk('renditions')->path(Picture::folderOf($key).'/'.$file->fileName()));
        if ($grid !== null) {
            $this->database->table(self::TABLE)->insertOrIgnore(['rendition_key' => $key, 'width' => $grid->width, 'height' => $grid->height, 'numbers' => $grid->numbers, 'colours' => $grid->colours]);
        }

        return $grid;
    }
}
