<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arranger;

/** Lays the same pictures out in several ways, and measures each. */
final readonly class Candidates
{
    private Measurer $measurer;

    /** @var list<Ratio> */
    private array $ratios;

    /**
     * @param  list<Subject>  $subjects
     * @param  list<int>  $large  indexes of those that are to be large
     */
    public function __construct(private GalleryDesign $design, array $subjects, private array $large, private Viewport $wide, private Viewport $phone)
    {
        $this->measurer = new Measurer($subjects);
        $this->ratios = array_map(static fn (Subject $subject): Ratio => $subject->ratio, $subjects);
    }

    /**
     * @param  array<string, mixed>  $part  of the design's layout; what it does not name stays as it is
     */
    public function of(array $part): Candidate
    {
        $design = $this->design->with(['layout' => $part]);
        $arrangement = Arranger::layout($design)->arrange($this->ratios, $this->large);

        return new Candidate(
            $part, $design->layout, $arrangement,
            $this->measurer->measure($arrangement->at($this->wide->inner), $design->layout, $this->wide),
            $this->measurer->measure($arrangement->at($this->phone->inner), $design->layout, $this->phone),
            $this->wide->inner,
        );
    }

    /**
     * Real alternatives of every kind, for looking at side by side.
     *
     * @return list<Candidate>
     */
    public function alternatives(): array
    {
        $count = count($this->ratios);
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
