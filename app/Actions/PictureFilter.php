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
    private function __construct(
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

    /**
     * As it was asked for; an empty text asks for nothing.
     *
     * @param  string  $colour  six hexadecimal digits
     * @param  string  $shape  one of shapes()
     */
    public static function of(
        string $words = '', string $colour = '', string $shape = '', string $from = '', string $until = '',
        bool $unused = false, bool $undescribed = false, bool $inBin = false,
    ): self {
        return new self(
            $words, $colour === '' ? null : Oklab::fromRgb((int) hexdec($colour)), Shape::tryFrom($shape),
            $from === '' ? null : $from, $until === '' ? null : $until, $unused, $undescribed, $inBin,
        );
    }

    /**
     * @return list<string>
     */
    public static function shapes(): array
    {
        return array_map(static fn (Shape $shape): string => $shape->value, Shape::cases());
    }
}
