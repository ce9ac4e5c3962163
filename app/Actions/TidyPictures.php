<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\FirstLook;
use App\Imaging\ImagingException;
use App\Imaging\Source;
use App\Intake\NoteColours;
use App\Intake\Workshop;
use App\Models\Picture;
use App\Models\PictureKind;
use App\Models\PictureState;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\Connection;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Recipe;

/** Gives pictures another recipe. Their addresses change with it, so that every place shows them at once. */
final readonly class TidyPictures
{
    private const FIRST_WIDTH = 540;

    public function __construct(private FirstLook $look, private Factory $disks, private Connection $database, private NoteColours $colours, private Workshop $workshop)
    {
    }

    /**
     * Several at once; videos stay as they are.
     *
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $part  of a recipe: the rest of each stays
     *
     * @throws SettingException when the recipe cannot be
     * @throws ChangeException when there is no such picture; nothing was changed
     * @throws ImagingException when an original cannot be read
     */
    public function many(array $ids, array $part): void
    {
        $pictures = Picture::query()->whereIn('id', $ids)->get();
        $gone = count(array_unique($ids)) - $pictures->count();
        if ($gone > 0) {
            throw ChangeException::picturesGone($gone);
        }
        $pictures = $pictures->where('kind', PictureKind::Picture);
        // All of it is looked at before anything is done.
        $tidied = array_map(static fn (Picture $picture): array => [$picture, $picture->tidied()->with($part)->recipe], $pictures->all());
        foreach ($tidied as [$picture, $recipe]) {
            $this->handle($picture, $recipe);
        }
    }

    /**
     * @throws ImagingException when the original cannot be read
     */
    public function handle(Picture $picture, Recipe $recipe): void
    {
        $files = $this->files($picture, $recipe);
        $this->database->transaction(fn () => $this->record($picture, $files));
    }

    /**
     * Makes the first file, under its own address: nothing changes for anybody yet.
     *
     * @throws ImagingException when the original cannot be read
     */
    public function files(Picture $picture, Recipe $recipe): TidiedFiles
    {
        $source = new Source($this->disks->disk('originals')->path($picture->originalPath()), $picture->upright(), $recipe, $picture->is_moving);
        $size = $source->size();
        $key = Picture::keyFor($picture->hash, $recipe);
        $first = new Rendition(max(1, min(self::FIRST_WIDTH, $size->width)), Format::WebP);
        [$bytes, $raster, $shows] = $this->look->take($source, $first, $this->disks->disk('renditions'), Picture::folderOf($key));
        $palette = Palette::of($raster);

        return new TidiedFiles($recipe, [
            'recipe' => $recipe->isPlain() ? [] : $recipe->toArray(),
            'rendition_key' => $key,
            'width' => $size->width, 'height' => $size->height, 'shape' => Shape::of($size)->value,
            'palette' => $palette->toArray(), 'colour' => $palette->main()->toHex(), 'look' => PerceptualHash::of($raster)->hex,
            'renditions' => [$first->fileName() => $bytes],
            'has_alpha' => $shows,
            'state' => PictureState::Preparing,
        ]);
    }

    public function record(Picture $picture, TidiedFiles $files): void
    {
        $picture->update($files->columns);
        $this->colours->handle($picture);
        $this->workshop->makeRenditions($picture->id);
    }
}
