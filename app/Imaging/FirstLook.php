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
     * @param  ?Flaws  $flaws  to note damage in
     * @return array{int, Raster, bool} bytes of the rendition, the raster, and whether something shows through
     *
     * @throws ImagingException when the file cannot be read to its end
     */
    public function take(Source $source, Rendition $first, Filesystem $disk, string $folder, ?Flaws $flaws = null): array
    {
        $disk->makeDirectory($folder);
        $target = $disk->path($folder);

        return WorkFolder::in($target, function (string $work) use ($source, $first, $target, $flaws): array {
            $base = $this->base->make($source, $first->width, $work, $flaws);
            ($source->moves() ? $this->tools : $this->tools->light())->runAll([
                $source->moves() ? $this->maker->moving(AnimatedPng::asMoving($source->path, $work), $first, "{$work}/{$first->fileName()}") : $this->maker->command($base, $first, "{$work}/{$first->fileName()}"),
                RasterMaker::command($base, "{$work}/raster.ppm"),
            ]);
            $raster = PortablePixmap::read("{$work}/raster.ppm");
            $this->maker->word($source, ["{$work}/{$first->fileName()}"]);
            $bytes = (int) filesize("{$work}/{$first->fileName()}");
            rename("{$work}/{$first->fileName()}", "{$target}/{$first->fileName()}");

            return [$bytes, $raster, $this->showsThrough($source, $base, $work)];
        });
    }

    /**
     * An alpha channel that is opaque everywhere is none; JPEG has none at all.
     *
     * @throws ImagingException when the file cannot be read
     */
    private function showsThrough(Source $source, string $base, string $work): bool
    {
        if ($source->jpegChannels() !== null) {
            return false;
        }
        $bands = (int) trim($this->tools->light()->run('vipsheader', ['-f', 'bands', $base]));
        if ($bands !== 2 && $bands !== 4) {
            return false;
        }
        $this->tools->light()->run('vips', ['extract_band', $base, "{$work}/alpha.tif", (string) ($bands - 1)]);

        return (float) $this->tools->light()->run('vips', ['min', "{$work}/alpha.tif"]) < 255.0;
    }
}
