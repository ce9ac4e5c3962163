<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Publishing\Painter;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Measurer;
use ZincPane\Core\Measuring\Measures;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Viewport;

/** The measures of a gallery as it is, for wide and for phone. */
final readonly class GalleryMeasures
{
    public function __construct(private Painter $painter)
    {
    }

    /**
     * @return array{wide: array<string, int|float|bool|null>, phone: array<string, int|float|bool|null>}
     */
    public function of(FrozenGallery $drawn, ContentWidth $content): array
    {
        $sections = $this->painter->sections($drawn);
        $measurers = array_map(static fn (Section $section): Measurer => new Measurer(array_map(static fn (Shown $item): Subject => $item->subject(), $section->of($drawn->items))), $sections);
        $measure = static function (Viewport $viewport) use ($drawn, $sections, $measurers): array {
            $parts = [];
            $top = 0.0;
            foreach ($sections as $i => $section) {
                $band = $section->arrangement->at($viewport->inner);
                $parts[] = $measurers[$i]->measure($band, $drawn->design->layout, $viewport, $top);
                $top += $band->height->at($viewport->inner) + Candidates::BETWEEN;
            }

            return Measures::together($parts)->toArray();
        };
        $viewports = Viewports::at($content->within($drawn->design->finish->ground->sides()));

        return ['wide' => $measure($viewports->wide), 'phone' => $measure($viewports->phone)];
    }
}
