<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\GridMaker;
use App\Models\Picture;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\ConnectionInterface;
use ZincPane\Core\Colour\PixelGrid;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Edition\ShownPicture;

/** The pictures of a gallery made small, for who has to look at their pixels; each is made once. */
final readonly class PixelGrids
{
    private const TABLE = 'picture_rasters';

    public function __construct(private ConnectionInterface $database, private GridMaker $maker, private Factory $disks)
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
            $grid = $known[$keys[$place]] ??= $this->made($picture, $keys[$place]);
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
                /** @var object{rendition_key: string, width: int, height: int, numbers: string, colours: string} $row */
                $stored[$row->rendition_key] = PixelGrid::of(max(1, $row->width), max(1, $row->height), $row->numbers, $row->colours);
            }
        }

        return $stored;
    }

    private function made(ShownPicture $picture, string $key): ?PixelGrid
    {
        $file = null;
        foreach ($picture->renditions as $rendition) {
            // The smallest that has all the pixels that are looked at.
            if ($rendition->format === Format::Jpeg && ($file === null || max($file->width, $picture->size->heightFor($file->width)) < PixelGrid::LARGEST)) {
                $file = $rendition;
            }
        }
        $file ??= $picture->renditions[0] ?? null;
        $grid = $file === null ? null : $this->maker->make($this->disks->disk('renditions')->path(Picture::folderOf($key).'/'.$file->fileName()));
        if ($grid !== null) {
            $this->database->table(self::TABLE)->insertOrIgnore(['rendition_key' => $key, 'width' => $grid->width, 'height' => $grid->height, 'numbers' => $grid->numbers, 'colours' => $grid->colours]);
        }

        return $grid;
    }
}
