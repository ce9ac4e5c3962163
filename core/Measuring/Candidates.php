<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\Layout;
use ZincPane\Core\Layout\Sections;

/** Lays the same pictures out in several ways, and measures each as it is drawn: part by part. */
final readonly class Candidates
{
    private PartMeasurer $measurer;

    /**
     * @param  list<Subject>  $subjects
     * @param  list<int>  $large  indexes of those that are to be large
     * @param  ?non-empty-list<list<int>>  $parts  which of them are laid out together; null for all
     */
    public function __construct(private GalleryDesign $design, private array $subjects, private array $large, private Viewport $wide, private Viewport $phone, private ?array $parts = null)
    {
        $this->measurer = new PartMeasurer($subjects);
    }

    /**
     * @param  array<string, mixed>  $part  of the design's layout; what it does not name stays as it is
     */
    public function of(array $part): Candidate
    {
        $design = $this->design->layout->with($part);
        $layout = Arranger::layoutIn($design, $this->design);
        $parts = $this->parts($layout, $design);
        $onWide = $this->drawn($layout, $parts, $this->wide);
        $onPhone = $this->drawn($layout, $parts, $this->phone);

        return new Candidate(
            $part, $design, $this->measurer->measure($onWide, $design, $this->wide), $this->measurer->measure($onPhone, $design, $this->phone),
            $onWide, $onPhone, $this->wide->inner, $this->phone->inner,
        );
    }

    /**
     * @return non-empty-list<list<int>>
     */
    private function parts(Layout $layout, LayoutDesign $design): array
    {
        $parts = $this->parts ?? [array_keys($this->subjects)];

        return count($parts) > 1 || $design->initialView !== InitialView::Pages ? $parts
            : Sections::pages($parts[0], $layout->bandAt($this->ratios($parts[0]), Sections::PAGE_WIDTH, $this->large), $design->initialRows);
    }

    /**
     * @param  list<int>  $places
     * @return list<Ratio>
     */
    private function ratios(array $places): array
    {
        return array_map(fn (int $place): Ratio => $this->subjects[$place]->ratio, $places);
    }

    /**
     * @param  non-empty-list<list<int>>  $parts
     * @return non-empty-list<DrawnPart>
     */
    private function drawn(Layout $layout, array $parts, Viewport $view): array
    {
        return PartMeasurer::stacked(array_map(
            fn (array $places): array => [$places, $layout->bandAt($this->ratios($places), $view->inner, array_keys(array_intersect($places, $this->large)))],
            $parts,
        ), $view);
    }

    /**
     * Real alternatives of every kind, for looking at side by side.
     *
     * @return list<Candidate>
     */
    public function alternatives(): array
    {
        $count = count($this->subjects);
        $even = $this->evenColumns($count);
        $list = [
            ['kind' => 'rows', 'row_height' => 230, 'last_row' => 'balance'],
            ['kind' => 'grid', 'column_rule' => 'count', 'columns' => $even, 'shape' => '1:1', 'object_fit' => 'cover', 'last_row' => $count % $even === 0 ? 'start' : 'balance'],
            ['kind' => 'grid', 'column_rule' => 'count', 'columns' => 3, 'shape' => '3:2', 'object_fit' => 'cover', 'last_row' => 'start'],
            ['kind' => 'masonry', 'column_rule' => 'count', 'columns' => 3],
            ['kind' => 'masonry', 'column_rule' => 'count', 'columns' => 4],
            ['kind' => 'mosaic', 'row_height' => 190],
            ['kind' => 'rows', 'row_height' => 320, 'last_row' => 'balance'],
            ['kind' => 'grid', 'column_rule' => 'count', 'columns' => 5, 'shape' => '4:3', 'object_fit' => 'cover', 'last_row' => 'start'],
            ['kind' => 'strip'],
            ['kind' => 'slideshow'],
            ['kind' => 'single'],
        ];

        return array_map($this->of(...), $list);
    }

    /** A number of columns, 3 to 6, that leaves no row short, the wider tiles first; else 4. */
    private function evenColumns(int $count): int
    {
        foreach ([4, 3, 5, 6] as $columns) {
            if ($count > 0 && $count % $columns === 0) {
                return $columns;
            }
        }

        return 4;
    }
}
