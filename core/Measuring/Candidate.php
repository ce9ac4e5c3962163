<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Design\LayoutDesign;

/** One way to lay a gallery's pictures out, measured. */
final readonly class Candidate
{
    /** Share of its rectangle that tiles cover of a gallery without holes. */
    private const FULL = 0.92;

    /** Side in px of a tile that suits a single picture on a wide page, the power of the number of pictures by which it falls, and how far other sides may be as good, by their logarithm. */
    private const SIDE = 540.0;

    private const SIDE_POWER = -0.2;

    private const SIDE_SPREAD = 0.7;

    /** Share of that side that the shorter side of the smallest picture has at least. */
    private const SMALLEST = 0.45;

    /** Screens. */
    private const LONG = 8.0;

    private const LONG_ON_PHONE = 15.0;

    /**
     * @param  array<string, mixed>  $part  of the design's layout that makes it
     * @param  list<DrawnPart>  $onWide  as it is drawn on a wide page
     * @param  list<DrawnPart>  $onPhone  as it is drawn on a phone
     * @param  float  $inner  px of width that it has on a wide page
     * @param  float  $innerOnPhone  px of width that it has on a phone
     */
    public function __construct(
        public array $part,
        public LayoutDesign $layout,
        public Measures $wide,
        public Measures $phone,
        public array $onWide,
        public array $onPhone,
        public float $inner,
        public float $innerOnPhone,
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
            'even' => max(0.0, 1 - 0.75 * $this->wide->uneven - 0.25 * $this->phone->uneven),
            'full' => 0.75 * self::fullness($this->wide) + 0.25 * self::fullness($this->phone),
            'size' => self::sized($this->wide),
            'phone' => PhoneSight::quality($this->phone->smallest),
            'short' => (self::shortness($this->wide, self::LONG) + self::shortness($this->phone, self::LONG_ON_PHONE)) / 2,
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

    /** Gaps are no holes: what tiles cover of a gallery without any is nine tenths and more. */
    private static function fullness(Measures $measures): float
    {
        return min(1.0, $measures->used / self::FULL) ** 2;
    }

    /** Near to what suits so many pictures: few are looked at one by one, many are looked over. */
    private static function sized(Measures $measures): float
    {
        $side = sqrt($measures->used * $measures->height * $measures->inner / max(1, $measures->items));
        $wished = self::SIDE * max(1, $measures->items) ** self::SIDE_POWER;

        return $side > 0 ? exp(-(log($side / $wished) / self::SIDE_SPREAD) ** 2) * min(1.0, $measures->smallest / (self::SMALLEST * $wished)) : 0.0;
    }

    /** Nobody scrolls past so many screens gladly. */
    private static function shortness(Measures $measures, float $long): float
    {
        return min(1.0, $long / max(1.0, $measures->screens)) ** 0.5;
    }
}
