<?php

declare(strict_types=1);

namespace App\Imaging;

use ZincPane\Core\Colour\Raster;

/** Makes a raster for the core of any picture file. */
final readonly class RasterMaker
{
    public function __construct(private Tools $tools, private BaseMaker $base)
    {
    }

    /**
     * @throws ImagingException when the file cannot be read
     */
    public function make(Source $source): Raster
    {
        return WorkFolder::in(sys_get_temp_dir(), function (string $work) use ($source): Raster {
            $this->tools->run(...self::command($this->base->make($source, Raster::LARGEST, $work), "{$work}/raster.ppm"));

            return PortablePixmap::read("{$work}/raster.ppm");
        });
    }

    /**
     * How a raster is cut from a base.
     *
     * @return array{string, list<string>} tool and arguments
     */
    public static function command(string $base, string $path): array
    {
        return ['vipsthumbnail', [$base, '-s', Raster::LARGEST.'x'.Raster::LARGEST.'>', '-o', "{$path}[strip,background=255]"]];
    }
}
