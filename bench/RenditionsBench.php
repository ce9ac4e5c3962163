<?php

declare(strict_types=1);

namespace Bench;

use App\Imaging\RenditionMaker;
use App\Imaging\Source;
use Illuminate\Support\Facades\Storage;
use LogicException;
use Symfony\Component\Process\Process;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Layouts;
use ZincPane\Core\Tidying\Recipe;

/** All renditions of one JPEG of 24 megapixels, and the same files by a plain loop of vipsthumbnail. */
final class RenditionsBench
{
    /**
     * @return array<string, int|float>
     */
    public static function run(string $folder): array
    {
        $original = self::original($folder);
        $design = GalleryDesign::default();
        $size = Size::of(6000, 4000);
        $plan = array_values(RenditionPlan::of($design, [Layouts::of($design)->arrange(array_fill(0, 12, $size->ratio()))])->for($size));
        if ($plan === []) {
            throw new LogicException('There is nothing to compare.');
        }
        $disk = Storage::disk('renditions');
        $maker = app(RenditionMaker::class);
        $ours = Stopwatch::time(static fn (int $run): array => $maker->make(new Source($original, $size, Recipe::plain()), $plan, $disk, "run-{$run}"), 5);
        mkdir("{$folder}/plain");
        $plain = Stopwatch::time(static function () use ($original, $plan, $folder): void {
            foreach ($plan as $rendition) {
                self::plainly($original, $rendition, "{$folder}/plain");
            }
        }, 5);

        return [...$ours, 'files' => count($plan), 'plain_median_ms' => $plain['median_ms'], 'ratio' => round($ours['median_ms'] / $plain['median_ms'], 3)];
    }

    /** As someone would do it by hand: the same widths, formats, quality and effort. */
    private static function plainly(string $original, Rendition $rendition, string $folder): void
    {
        $options = match ($rendition->format) {
            Format::WebP => '[Q='.config()->integer('zinc.quality.webp').',effort=2,strip]',
            Format::Jpeg => '[Q='.config()->integer('zinc.quality.jpg').',optimize_coding,interlace,strip]',
        };
        (new Process(['vipsthumbnail', $original, '-s', $rendition->width.'x100000>', '--eprofile=srgb', '-o', "{$folder}/{$rendition->fileName()}{$options}"]))->mustRun();
    }

    /** A demo picture enlarged: detail and grain as a camera's. */
    private static function original(string $folder): string
    {
        $path = "{$folder}/24mp.jpg";
        (new Process(['vips', 'thumbnail', database_path('demo/pictures/crowd-on-the-dyke.jpg'), "{$path}[Q=92]", '6000', '--height', '4000', '--size', 'force']))->mustRun();

        return $path;
    }
}
