<?php

declare(strict_types=1);

namespace App\Actions;

use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Geometry\Shape;

/** What is looked for in the store; nothing is everything. */
final readonly class PictureFilter
{
    /**
     * @param  ?string  $from  day, YYYY-MM-DD, of capture or else of arrival
     * @param  ?string  $until  day, YYYY-MM-DD, inclusive
     * @param  bool  $unused  in no gallery
     * @param  bool  $undescribed  without alt text
     */
    public function __construct(
        public string $words = '',
        public ?Oklab $colour = null,
        public ?Shape $shape = null,
        public ?string $from = null,
        public ?string $until = null,
        public bool $unused = false,
        public bool $undescribed = false,
        public bool $inBin = false,
    ) {
    }
}
