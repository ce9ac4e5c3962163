<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Publishing\Painter;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Measuring\PartMeasurer;
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
        $measurer = new PartMeasurer($drawn->subjects());
        $measure = static fn (Viewport $viewport): array => $measurer->measure(
            PartMeasurer::stacked(array_map(static fn (Section $section): array => [$section->places, $section->arrangement->at($viewport->inner)], $sections), $viewport),
            $drawn->design->layout, $viewport,
        )->toArray();
        $viewports = Viewports::at($content->within($drawn->design->finish->ground->sides()));

        return ['wide' => $measure($viewports->wide), 'phone' => $measure($viewports->phone)];
    }
}
