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
use ZincPane\Core\Tidying\Recipe;

/** Finds the focal point of a picture anew, on its upright original. */
final readonly class FindFocalPoint
{
    public function __construct(private RasterMaker $rasters, private Factory $disks)
    {
    }

    /**
     * @throws ImagingException when the original cannot be read
     */
    public function handle(Picture $picture): FocalPoint
    {
        return FocalFinder::find($this->rasters->make(new Source($this->disks->disk('originals')->path($picture->originalPath()), $picture->upright(), Recipe::plain())));
    }
}
