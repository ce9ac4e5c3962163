<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Contracts\Filesystem\Filesystem;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

/** The true outcome of a recipe, from a large rendition of the untidied picture, for looking at while tidying. */
final readonly class TidyPreview
{
    public function __construct(private Tidier $tidier)
    {
    }

    /**
     * @param  string  $folder  of the renditions of the untidied picture
     * @param  Rendition  $large  that is there
     * @return string JPEG
     *
     * @throws ImagingException when the rendition cannot be read
     */
    public function render(Filesystem $disk, string $folder, Rendition $large, Size $size, Recipe $recipe): string
    {
        $path = $disk->path("{$folder}/{$large->fileName()}");

        return WorkFolder::in(sys_get_temp_dir(), fn (string $work): string => (string) file_get_contents(
            $this->tidier->tidied($path, $size, $recipe, $work, '.jpg[Q=88,strip]'),
        ));
    }
}
