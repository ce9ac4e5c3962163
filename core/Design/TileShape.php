<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Settings\SettingException;

/** The shape all tiles of a gallery share, width to height, or each picture's own. */
final readonly class TileShape
{
    /** The usual ones. */
    public const USUAL = ['1:1', '4:3', '3:2', '16:9', '2:3'];

    /** Every tile has the shape of its picture; nothing is cropped. */
    public const OWN = 'own';

    /** No tile is wider than so many times its height, nor higher than so many times its width. */
    public const EXTREME = 5;

    /**
     * @param  ?Ratio  $ratio  null for each picture's own
     */
    private function __construct(public string $value, public ?Ratio $ratio)
    {
    }

    /**
     * @param  string  $value  `own`, or two whole numbers from 1 to 99 like `5:4`, from 1:5 to 5:1
     *
     * @throws SettingException when it is neither
     */
    public static function of(string $field, string $value): self
    {
        if ($value === self::OWN) {
            return new self($value, null);
        }
        if (preg_match('/^([1-9]\d?):([1-9]\d?)$/D', $value, $sides) !== 1 || max($sides[1] / $sides[2], $sides[2] / $sides[1]) > self::EXTREME) {
            throw SettingException::notAmong($field, $value, [self::OWN, ...self::USUAL, 'any other from 1:5 to 5:1']);
        }

        return new self($value, Ratio::of((int) $sides[1], (int) $sides[2]));
    }

    /** In a word or two: "square", "own shapes", "5:4". */
    public function label(): string
    {
        return match (true) {
            $this->ratio === null => 'own shapes',
            $this->ratio->value === 1.0 => 'square',
            default => $this->value,
        };
    }
}
