<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\ImagingException;
use App\Imaging\RasterMaker;
use App\Imaging\Source;
use App\Models\Picture;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Cropping\FocalFinder;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Cropping\FoundFocal;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Recipe;

/** Finds the focal point of a picture anew, on its upright original. */
final readonly class FindFocalPoint
{
    public function __construct(private RasterMaker $rasters, private Factory $disks)
    {
    }

    /**
     * On the picture as a recipe makes it.
     *
     * @param  mixed  $recipe  as it came
     *
     * @throws SettingException when the recipe cannot be
     * @throws ImagingException when the original cannot be read
     */
    public function seen(Picture $picture, mixed $recipe): FocalPoint
    {
        return Recipe::fromArray($recipe)->seen($this->handle($picture)->point, $picture->upright());
    }

    /**
     * @throws ImagingException when the original cannot be read
     */
    public function handle(Picture $picture): FoundFocal
    {
        return FocalFinder::find($this->rasters->make(new Source($this->disks->disk('originals')->path($picture->originalPath()), $picture->upright(), Recipe::plain())));
    }
}
