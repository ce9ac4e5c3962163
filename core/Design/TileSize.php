<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\SettingException;

/** How large the tiles of a gallery are: a name, which means other px in other layouts, or px. */
final readonly class TileSize
{
    /** px of each name: of a tile's width or a row's height, and of the height of a strip or slideshow. */
    public const NAMES = [
        'small' => ['tile' => 120, 'line' => 240],
        'medium' => ['tile' => 180, 'line' => 360],
        'large' => ['tile' => 270, 'line' => 500],
        'very-large' => ['tile' => 400, 'line' => 680],
    ];

    /** Least and most px. */
    public const RANGE = [80, 800];

    private function __construct(public string|int $value)
    {
    }

    /**
     * @param  mixed  $value  a name, or px from 80 to 800
     *
     * @throws SettingException when it is neither
     */
    public static function of(mixed $value): self
    {
        [$least, $most] = self::RANGE;
        if (is_string($value) && preg_match('/^[1-9]\d{0,3}$/', $value) === 1) {
            $value = (int) $value;
        }
        if (is_int($value)) {
            return $value >= $least && $value <= $most ? new self($value) : throw SettingException::outOfRange('tile_size', $value, $least, $most, 'px');
        }

        return is_string($value) && isset(self::NAMES[$value]) ? new self($value) : throw SettingException::notAmong('tile_size', $value, [...array_keys(self::NAMES), "{$least} to {$most}"]);
    }

    /** The design with tiles of this size; one picture a row is as wide as its place, whatever is wished. */
    public function in(GalleryDesign $design): GalleryDesign
    {
        $key = $design->layout->kind->sizeKey();
        if ($key === null) {
            return $design;
        }
        [$least, $most] = LayoutDesign::RANGES[$key];
        $px = is_int($this->value) ? $this->value : self::NAMES[$this->value][$design->layout->kind->isLine() ? 'line' : 'tile'];

        return $design->with(['layout' => [$key => max($least, min($px, $most)), ...($key === 'tile_width' ? ['column_rule' => ColumnRule::Fit->value] : [])]]);
    }
}
