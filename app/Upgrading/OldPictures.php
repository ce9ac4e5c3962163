<?php

declare(strict_types=1);

namespace App\Upgrading;

use App\Imaging\RasterMaker;
use App\Imaging\Source;
use App\Intake\LookAlikeFinder;
use App\Intake\NoteColours;
use App\Models\Picture;
use App\Models\PictureKind;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\Connection;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Geometry\Shape;

/** Pictures that came before their colours, shape and look were noted. */
final readonly class OldPictures implements Outdated
{
    public function __construct(
        private RasterMaker $rasters,
        private Factory $disks,
        private NoteColours $colours,
        private LookAlikeFinder $lookAlikes,
        private Connection $database,
    ) {
    }

    public function label(): string
    {
        return 'pictures without colours and look';
    }

    public function left(): array
    {
        return array_values(array_filter(Picture::query()->where('kind', PictureKind::Picture)
            ->where(static fn ($query) => $query->whereNull('look')->orWhere('colour', '')->orWhere('palette', '[]'))
            ->orderBy('id')->pluck('id')->all(), is_string(...)));
    }

    public function bringUp(string|int $id): void
    {
        $picture = Picture::query()->findOrFail($id);
        $raster = $this->rasters->make(new Source($this->disks->disk('originals')->path($picture->originalPath()), $picture->upright(), $picture->recipe()));
        $palette = Palette::of($raster);
        $this->database->transaction(function () use ($picture, $raster, $palette): void {
            $picture->update([
                'shape' => Shape::of($picture->size())->value,
                'palette' => $palette->toArray(), 'colour' => $palette->main()->toHex(), 'look' => PerceptualHash::of($raster)->hex,
            ]);
            $this->colours->handle($picture);
            $this->lookAlikes->find($picture);
        });
    }
}
