<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Contracts\Filesystem\Filesystem;
use ZincPane\Core\Colour\Raster;
use ZincPane\Core\Delivery\Rendition;

/** Reads a new picture to its end for the first time: its first rendition, and a raster for the core. */
final readonly class FirstLook
{
    public function __construct(private Tools $tools, private BaseMaker $base, private RenditionMaker $maker)
    {
    }

    /**
     * @param  string  $folder  on the disk of renditions
     * @return array{int, Raster} bytes of the rendition, and the raster
     *
     * @throws ImagingException when the file cannot be read to its end
     */
    public function take(Source $source, Rendition $first, Filesystem $disk, string $folder): array
    {
        $disk->makeDirectory($folder);
        $target = $disk->path($folder);

        return WorkFolder::in($target, function (string $work) use ($source, $first, $target): array {
            $base = $this->base->make($source, $first->width, $work);
            $this->tools->light()->runAll([
                $this->maker->command($base, $first, "{$work}/{$first->fileName()}"),
                RasterMaker::command($base, "{$work}/raster.ppm"),
            ]);
            $raster = PortablePixmap::read("{$work}/raster.ppm");
            $bytes = (int) filesize("{$work}/{$first->fileName()}");
            rename("{$work}/{$first->fileName()}", "{$target}/{$first->fileName()}");

            return [$bytes, $raster];
        });
    }
}
