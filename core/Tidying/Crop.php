<?php

declare(strict_types=1);

namespace ZincPane\Core\Tidying;

use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\Settings;

/** The part of a turned and straightened picture that is kept; shares of its width and height, 0 to 1. */
final readonly class Crop
{
    /** Least share of either side that is kept. */
    public const LEAST = 0.05;

    private function __construct(
        public float $left,
        public float $top,
        public float $width,
        public float $height,
    ) {
    }

    public static function whole(): self
    {
        return new self(0.0, 0.0, 1.0, 1.0);
    }

    /**
     * @throws SettingException when a key is unknown, or the part does not lie inside the picture
     */
    public static function fromArray(mixed $values): self
    {
        $settings = Settings::read('recipe.crop', $values, ['left', 'top', 'width', 'height']);
        $left = round($settings->number('left', 0, 0, 1 - self::LEAST), 5);
        $top = round($settings->number('top', 0, 0, 1 - self::LEAST), 5);

        // A hair beyond the edge is a slip of a pointer, not an error.
        return new self(
            $left,
            $top,
            min(1 - $left, round($settings->number('width', 1 - $left, self::LEAST, 1.001 - $left), 5)),
            min(1 - $top, round($settings->number('height', 1 - $top, self::LEAST, 1.001 - $top), 5)),
        );
    }

    public function isWhole(): bool
    {
        return $this->width > 0.99999 && $this->height > 0.99999;
    }

    /**
     * @return array{left: float, top: float, width: float, height: float}
     */
    public function toArray(): array
    {
        return ['left' => $this->left, 'top' => $this->top, 'width' => $this->width, 'height' => $this->height];
    }
}
