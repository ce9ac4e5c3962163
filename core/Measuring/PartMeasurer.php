<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Layout\BandArrangement;

/** Measures a gallery as it is drawn: part by part, one below the other. */
final class PartMeasurer
{
    /** px between two parts, with the heading of the second. */
    private const BETWEEN = 72;

    /** @var array<string, Measurer> by the places that they measure */
    private array $measurers = [];

    /**
     * @param  list<Subject>  $subjects  of the whole gallery
     */
    public function __construct(private readonly array $subjects)
    {
    }

    /**
     * @param  non-empty-list<array{list<int>, BandArrangement}>  $parts  which of the items are in each, and their boxes
     * @return non-empty-list<DrawnPart> each where it begins
     */
    public static function stacked(array $parts, Viewport $view): array
    {
        $stacked = [];
        $top = 0.0;
        foreach ($parts as [$places, $band]) {
            $stacked[] = new DrawnPart($places, $band, $top);
            $top += $band->height->at($view->inner) + self::BETWEEN;
        }

        return $stacked;
    }

    /**
     * @param  non-empty-list<DrawnPart>  $parts
     */
    public function measure(array $parts, LayoutDesign $layout, Viewport $view): Measures
    {
        return Measures::together(array_map(fn (DrawnPart $part): Measures => $this->measurer($part->places)->measure($part->band, $layout, $view, $part->top), $parts));
    }

    /**
     * @param  list<int>  $places
     */
    private function measurer(array $places): Measurer
    {
        return $this->measurers[implode(' ', $places)] ??= new Measurer(array_map(fn (int $place): Subject => $this->subjects[$place], $places));
    }
}
