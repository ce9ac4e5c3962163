<?php

declare(strict_types=1);

namespace Bench;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Layouts;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\Section;
use ZincPane\Core\Markup\ShownPicture;

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
            $plan = RenditionPlan::of($design, [Layouts::of($design)->arrange(Shapes::of($count))]);
            $items = [];
            foreach (Shapes::of($count) as $i => $shape) {
                $size = Size::of((int) (3000 * $shape->value), 3000);
                $hash = hash('sha256', (string) $i);
                $items[] = new ShownPicture(
                    $size, FocalPoint::of(0.4, 0.5), new Words("Picture {$i}", '', "What is to be seen on picture {$i}"), '/media/'.substr($hash, 0, 24),
                    array_values($plan->for($size)), null, '#'.substr($hash, 24, 6),
                );
            }
            $sections = Section::of($items, array_fill(0, $count, null), Albums::parse([], AlbumView::None->value), $design);
            $fragment = (new GalleryMarkup('p1', $design, ContentWidth::page(18, 1120)))->render(About::titled('Bench'), AlbumView::None, $sections);
            $sizes[$kind] = strlen((string) gzencode($fragment->html.$fragment->css, 9));
        }

        return ['pictures' => $count, 'gzip_bytes' => max($sizes), 'largest' => (string) array_search(max($sizes), $sizes, true), ...array_map(static fn (int $bytes): int => $bytes, $sizes)];
    }
}
