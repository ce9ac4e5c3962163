<?php

declare(strict_types=1);

namespace Bench;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Markup\GalleryMarkup;

/** How large a published gallery is: HTML and CSS together, gzip; by layout, the largest is the figure. */
final class MarkupBench
{
    /**
     * @return array<string, int|float|string>
     */
    public static function run(int $count): array
    {
        $sizes = [];
        foreach (['grid', 'masonry', 'rows', 'mosaic', 'strip', 'slideshow', 'single'] as $kind) {
            $design = GalleryDesign::default()->with(['layout' => ['kind' => $kind]]);
            $plan = RenditionPlan::of($design, [Arranger::layout($design)->arrange(Shapes::of($count))]);
            $items = [];
            foreach (Shapes::of($count) as $i => $shape) {
                $size = Size::of((int) (3000 * $shape->value), 3000);
                $hash = hash('sha256', (string) $i);
                $items[] = new ShownPicture(
                    $size, FocalPoint::of(0.4, 0.5), new Words("Picture {$i}", '', "What is to be seen on picture {$i}"), '/media/'.substr($hash, 0, 24),
                    array_values($plan->for($size)), null, '#'.substr($hash, 24, 6),
                );
            }
            $gallery = new FrozenGallery(About::titled('Bench'), $design, Albums::none(), $items, array_fill(0, $count, null), array_fill(0, $count, false));
            $fragment = (new GalleryMarkup('p1', $gallery, $gallery->sections(new Sections(new Arranger)), ContentWidth::page(18, 1120), Addresses::rooted()))->render();
            $sizes[$kind] = strlen((string) gzencode($fragment->html.$fragment->css, 9));
        }

        return ['pictures' => $count, 'gzip_bytes' => max($sizes), 'largest' => (string) array_search(max($sizes), $sizes, true), ...array_map(static fn (int $bytes): int => $bytes, $sizes)];
    }
}
