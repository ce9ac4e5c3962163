<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\FirstLook;
use App\Imaging\ImagingException;
use App\Imaging\Source;
use App\Jobs\MakeRenditions;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\ConnectionInterface;
use ZincPane\Core\Colour\LookHash;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Tidying\Recipe;

/** Gives pictures another recipe. Their addresses change with it, so that every place shows them at once. */
final readonly class TidyPictures
{
    private const FIRST_WIDTH = 540;

    public function __construct(private FirstLook $look, private Factory $disks, private ConnectionInterface $database, private NoteColours $colours)
    {
    }

    /**
     * @throws ImagingException when the original cannot be read
     */
    public function handle(Picture $picture, Recipe $recipe): void
    {
        $source = new Source($this->disks->disk('originals')->path($picture->originalPath()), $picture->upright(), $recipe);
        $size = $source->size();
        $key = Picture::keyFor($picture->hash, $recipe);
        $first = new Rendition(max(1, min(self::FIRST_WIDTH, $size->width)), Format::WebP);
        [$bytes, $raster] = $this->look->take($source, $first, $this->disks->disk('renditions'), Picture::folderOf($key));
        $palette = Palette::of($raster);
        $this->database->transaction(function () use ($picture, $recipe, $key, $size, $raster, $palette, $first, $bytes): void {
            $picture->update([
                'recipe' => $recipe->isPlain() ? [] : $recipe->toArray(),
                'rendition_key' => $key,
                'width' => $size->width, 'height' => $size->height, 'shape' => Shape::of($size)->value,
                'palette' => $palette->toArray(), 'colour' => $palette->main()->toHex(), 'look' => LookHash::of($raster)->hex,
                'renditions' => [$first->fileName() => $bytes],
                'state' => PictureState::Preparing,
            ]);
            $this->colours->handle($picture);
        });
        MakeRenditions::dispatch($picture->id);
    }
}
