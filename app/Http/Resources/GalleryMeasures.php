<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Publishing\GalleryRenderer;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Markup\Section;
use ZincPane\Core\Measuring\Measurer;
use ZincPane\Core\Measuring\Measures;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\View;

/** The measures of a gallery as it is, for wide and for phone. */
final class GalleryMeasures
{
    /** Windows in px that are measured. */
    public const WIDE = 1280;

    public const PHONE = 390;

    /**
     * @return array{wide: array<string, int|float|null>, phone: array<string, int|float|null>}
     */
    public static function of(GalleryRenderer $drawn, ContentWidth $content): array
    {
        $measurers = array_map(static fn (Section $section): Measurer => new Measurer(array_map(Subject::of(...), $section->items)), $drawn->sections());
        $measure = static function (View $view) use ($drawn, $measurers): array {
            $parts = [];
            foreach ($drawn->sections() as $i => $section) {
                $parts[] = $measurers[$i]->measure($section->arrangement->at($view->inner), $drawn->design->layout, $view);
            }

            return Measures::together($parts)->toArray();
        };

        return ['wide' => $measure(self::wide($content)), 'phone' => $measure(self::phone($content))];
    }

    public static function wide(ContentWidth $content): View
    {
        return View::wide($content->at(self::WIDE));
    }

    public static function phone(ContentWidth $content): View
    {
        return View::phone($content->at(self::PHONE));
    }
}
