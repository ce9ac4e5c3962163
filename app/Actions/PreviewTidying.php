<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\ImagingException;
use App\Imaging\TidyPreview;
use App\Models\Picture;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Recipe;

/** Renders what a recipe would make of a picture, from a large rendition of it as it came. */
final readonly class PreviewTidying
{
    /** px of width that is enough to judge by. */
    private const WIDEST = 1215;

    public function __construct(private TidyPreview $preview, private Factory $disks)
    {
    }

    /**
     * @param  mixed  $recipe  as it came
     * @return string JPEG
     *
     * @throws SettingException when the recipe cannot be
     * @throws ImagingException when there is nothing to render from
     */
    public function handle(Picture $picture, mixed $recipe): string
    {
        $recipe = Recipe::fromArray($recipe);
        $upright = $picture->upright();
        $folder = Picture::folderOf(Picture::keyFor($picture->hash, Recipe::plain()));
        $disk = $this->disks->disk('renditions');
        $large = null;
        foreach (RenditionPlan::basic()->for($upright) as $rendition) {
            if ($rendition->format === Format::Jpeg && $rendition->width <= self::WIDEST && $disk->exists("{$folder}/{$rendition->fileName()}")) {
                $large = $rendition;
            }
        }
        $large ??= throw ImagingException::notPreparedYet($picture->name);

        return $this->preview->render($disk, $folder, $large, Size::of($large->width, $upright->heightFor($large->width)), $recipe);
    }
}
