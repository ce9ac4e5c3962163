<?php

declare(strict_types=1);

namespace ZincPane\Core\Geometry;

/** What one calls the shape of a picture. */
enum Shape: string
{
    case Landscape = 'landscape';
    case Portrait = 'portrait';

    /** Sides differ by no more than a twentieth. */
    case Square = 'square';

    /** At least twice as wide as high. */
    case Panorama = 'panorama';

    public static function of(Size $size): self
    {
        $ratio = $size->ratio()->value;

        return match (true) {
            $ratio >= 2 => self::Panorama,
            $ratio > 1.05 => self::Landscape,
            $ratio < 1 / 1.05 => self::Portrait,
            default => self::Square,
        };
    }

    /** In a word or two. */
    public function label(): string
    {
        return match ($this) {
            self::Landscape => 'Landscape',
            self::Portrait => 'Portrait',
            self::Square => 'Square',
            self::Panorama => 'Panorama',
        };
    }
}
