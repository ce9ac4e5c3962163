<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\SettingException;

/** How large the tiles of a gallery are: a name, which means other px in other layouts, or px. */
final readonly class TileSize
{
    /** px of each name: of a tile's width or a row's height. */
    public const TILES = ['small' => 120, 'medium' => 180, 'large' => 270, 'very-large' => 400];

    /** px of each name: of the height of a strip or slideshow. */
    public const STRIPS = ['small' => 240, 'medium' => 360, 'large' => 500, 'very-large' => 680];

    /** Least and most px. */
    public const RANGE = [80, 800];

    /** px that are proposed to one who would give them. */
    public const FIRST = 220;

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

        return is_string($value) && isset(self::TILES[$value]) ? new self($value) : throw SettingException::notAmong('tile_size', $value, [...array_keys(self::TILES), "{$least} to {$most}"]);
    }

    /** The design with tiles of this size; one picture a row is as wide as its place, whatever is wished. */
    public function in(GalleryDesign $design): GalleryDesign
    {
        $key = $design->layout->kind->sizeKey();
        if ($key === null) {
            return $design;
        }
        $names = $design->layout->kind->isStrip() ? self::STRIPS : self::TILES;
        $px = is_int($this->value) ? $this->value : $names[$this->value];
        $kind = GalleryDesign::settings()["layout.{$key}"]->kind;

        return $design->with(['layout' => [
            $key => $kind instanceof WholeNumber ? $kind->nearest($px) : $px,
            ...($key === 'tile_width' ? ['column_rule' => ColumnRule::Fit->value] : []),
        ]]);
    }
}
