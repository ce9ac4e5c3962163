<?php

declare(strict_types=1);

namespace ZincPane\Core\Geometry;

/**
 * A length in px that is a straight line in the inner width W of a gallery: a·W + b.
 *
 * Half of the width less 4 px is `Linear::of(0.5, -4.0)`; at W = 600 it is 296 px.
 */
final readonly class Linear
{
    /**
     * @param  float  $a  share of the width, 1.0 is the whole width
     * @param  float  $b  px added, may be negative
     */
    public function __construct(public float $a, public float $b)
    {
    }

    /**
     * @param  float  $a  share of the width, 1.0 is the whole width
     * @param  float  $b  px added, may be negative
     */
    public static function of(float $a, float $b = 0.0): self
    {
        return new self($a, $b);
    }

    /** A length that does not depend on the width, in px. */
    public static function px(float $b): self
    {
        return new self(0.0, $b);
    }

    /**
     * One of several equal shares of the width, with the gaps between them taken off:
     * (W - (n - 1)·gap) / n.
     *
     * @param  positive-int  $count
     * @param  float  $gap  px
     */
    public static function share(int $count, float $gap): self
    {
        return new self(1 / $count, -($count - 1) * $gap / $count);
    }

    public function isLike(self $other): bool
    {
        return $this->a === $other->a && $this->b === $other->b;
    }

    /** Its value in px at an inner width in px. */
    public function at(float $width): float
    {
        return $this->a * $width + $this->b;
    }

    public function plus(self $other): self
    {
        return new self($this->a + $other->a, $this->b + $other->b);
    }

    public function plusPx(float $px): self
    {
        return $px === 0.0 ? $this : new self($this->a, $this->b + $px);
    }

    public function minus(self $other): self
    {
        return new self($this->a - $other->a, $this->b - $other->b);
    }

    public function times(float $factor): self
    {
        return $factor === 1.0 ? $this : new self($this->a * $factor, $this->b * $factor);
    }

    /**
     * The same length in another variable: W = inner(V), so a·inner(V) + b.
     *
     * @param  self  $inner  the gallery's inner width as a line in, say, the viewport's width
     */
    public function after(self $inner): self
    {
        return new self($this->a * $inner->a, $this->a * $inner->b + $this->b);
    }
}
