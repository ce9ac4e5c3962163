<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Contracts\Filesystem\Filesystem;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

/** The true outcome of a recipe, from a large rendition of the untidied picture, for looking at while tidying. */
final readonly class TidyPreview
{
    public function __construct(private Tools $tools, private BaseMaker $base, private RenditionMaker $maker)
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
        $source = new Source($disk->path("{$folder}/{$large->fileName()}"), $size, $recipe);

        return WorkFolder::in(sys_get_temp_dir(), function (string $work) use ($source, $size): string {
            $base = $this->base->make($source, $source->size()->width, $work);
            [$tool, $arguments] = $this->maker->command($base, new Rendition(max(1, $size->width), Format::Jpeg), "{$work}/preview.jpg");
            $this->tools->run($tool, $arguments);

            return (string) file_get_contents("{$work}/preview.jpg");
        });
    }
}
