<?php

declare(strict_types=1);

namespace ZincPane\Core\Tidying;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Settings\SettingException;

/** How a picture of the store stands: its recipe, and the point that every crop keeps in view. */
final readonly class Tidied
{
    /**
     * @param  Size  $upright  of the original, px
     * @param  FocalPoint  $focal  on the upright original
     * @param  bool  $isChosen  a person chose the point; else it was found
     */
    public function __construct(public Size $upright, public Recipe $recipe, public FocalPoint $focal, public bool $isChosen)
    {
    }

    /**
     * With some of it replaced.
     *
     * @param  array<string, mixed>  $part  keys of a recipe; focal on the picture as it will be seen, or point on the upright original; chosen
     *
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public function with(array $part): self
    {
        $recipe = Recipe::fromArray([...$this->recipe->toArray(), ...array_diff_key($part, ['focal' => true, 'point' => true, 'chosen' => true])]);
        $focal = isset($part['focal']) ? $recipe->original(self::point($part['focal']), $this->upright) : (isset($part['point']) ? self::point($part['point']) : $this->focal);

        return new self($this->upright, $recipe, $focal, isset($part['focal']) || (isset($part['point']) ? ($part['chosen'] ?? true) === true : $this->isChosen));
    }

    /** Value by value. */
    public function isSameAs(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    /**
     * @return array<string, mixed> as with() reads it, nothing left out
     */
    public function toArray(): array
    {
        return [...$this->recipe->toArray(), 'point' => [$this->focal->x, $this->focal->y], 'chosen' => $this->isChosen];
    }

    private static function point(mixed $given): FocalPoint
    {
        [$x, $y] = is_array($given) && array_is_list($given) && count($given) === 2 ? $given : [null, null];
        if (! (is_int($x) || is_float($x)) || ! (is_int($y) || is_float($y)) || $x < 0 || $x > 1 || $y < 0 || $y > 1) {
            throw SettingException::notAPoint('focal', $given);
        }

        return FocalPoint::of((float) $x, (float) $y);
    }
}
