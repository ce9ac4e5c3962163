<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Geometry\Ratio;

/** What an order may go by, of one item of a gallery. */
final readonly class Orderable
{
    /**
     * @param  string  $name  title, else file name
     * @param  ?float  $takenAt  the moment, in seconds since 1970; null when the picture does not tell
     * @param  ?PerceptualHash  $look  null for what is no picture
     */
    public function __construct(
        public string $name,
        public ?float $takenAt,
        public Ratio $shape,
        public Oklab $colour,
        public ?PerceptualHash $look,
    ) {
    }
}
