<?php

declare(strict_types=1);

namespace Bench;

use App\Imaging\RenditionMaker;
use App\Imaging\Source;
use Illuminate\Support\Facades\Storage;
use LogicException;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Tidying\Recipe;

/** All renditions of one JPEG of 24 megapixels, and the same files by a plain loop of vipsthumbnail. */
final class RenditionsBench
{
    /**
     * @return array<string, int|float>
     */
    public static function run(string $folder): array
    {
        $original = "{$folder}/24mp.jpg";
        CameraFile::make($original, 6000, 4000);
        $design = GalleryDesign::default();
        $size = Size::of(6000, 4000);
        $plan = array_values(RenditionPlan::of($design, [Arranger::layout($design)->arrange(array_fill(0, 12, $size->ratio()))])->for($size));
        if ($plan === []) {
            throw new LogicException('There is nothing to compare.');
        }
        $disk = Storage::disk('renditions');
        $maker = app(RenditionMaker::class);
        $ours = Stopwatch::time(static fn (int $run): array => $maker->make(new Source($original, $size, Recipe::plain()), $plan, $disk, "run-{$run}"), 5);
        mkdir("{$folder}/plain");
        $plain = Stopwatch::time(static fn () => PlainThumbnails::make($original, $plan, "{$folder}/plain"), 5);

        return [...$ours, 'files' => count($plan), 'plain_median_ms' => $plain['median_ms'], 'ratio' => round($ours['median_ms'] / $plain['median_ms'], 3)];
    }
}
