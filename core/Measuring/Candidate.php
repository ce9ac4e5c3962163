<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Layout\Arrangement;

/** One way to lay a gallery's pictures out, measured. */
final readonly class Candidate
{
    /**
     * @param  array<string, mixed>  $part  of the design's layout that makes it
     * @param  float  $inner  px of width that it has on a wide page
     */
    public function __construct(
        public array $part,
        public LayoutDesign $layout,
        public Arrangement $arrangement,
        public Measures $wide,
        public Measures $phone,
        public float $inner,
    ) {
    }

    /**
     * How good it is, by each quality that Weights knows; 0 to 1, 1 is best.
     *
     * @return array<string, float>
     */
    public function qualities(): array
    {
        return [
            'complete' => 0.75 * self::completeness($this->wide) + 0.25 * self::completeness($this->phone),
            'crop' => max(0.0, 1 - (self::cropped($this->wide) + self::cropped($this->phone)) / 2),
            'even' => max(0.0, 1 - ($this->wide->uneven + $this->phone->uneven) / 2),
            // Nobody scrolls past twelve screens gladly.
            'phone' => PhoneSight::quality($this->phone->smallest) * min(1.0, 12 * 844 / max(1, $this->phone->height)),
            'light' => 1 / (1 + ($this->wide->firstBytes + $this->phone->firstBytes) / 1_200_000),
        ];
    }

    private static function cropped(Measures $measures): float
    {
        return 1.5 * $measures->crop + 0.5 * $measures->worstCrop + 2.0 * $measures->harmed / max(1, $measures->allRequests);
    }

    private static function completeness(Measures $measures): float
    {
        return $measures->rows === 0 ? 1.0 : $measures->complete / $measures->rows;
    }
}
