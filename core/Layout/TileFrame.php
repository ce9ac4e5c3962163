<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Box;

/**
 * What a tile is around its picture: the same at every side (border, mount), and the caption below.
 * Layouts reckon with it; the box of a picture follows from that of its tile here, and nowhere else.
 */
final readonly class TileFrame
{
    /**
     * @param  float  $inset  px between tile and picture at each side
     * @param  float  $below  px below that
     */
    private function __construct(public float $inset, public float $below)
    {
    }

    /**
     * @param  float  $inset  px at each side, not below 0
     * @param  float  $below  px below that, not below 0
     */
    public static function of(float $inset, float $below): self
    {
        return new self(max(0.0, $inset), max(0.0, $below));
    }

    /** The one that a design asks for. */
    public static function in(GalleryDesign $design): self
    {
        return new self((float) $design->finish->edges->inset(), (float) $design->finish->belowPicture());
    }

    /** Without what stands below the picture. */
    public function bare(): self
    {
        return new self($this->inset, 0.0);
    }

    public function isLike(self $other): bool
    {
        return $this->inset === $other->inset && $this->below === $other->below;
    }

    /** px by which a tile is wider than its picture. */
    public function across(): float
    {
        return 2 * $this->inset;
    }

    /** px by which a tile is higher than its picture. */
    public function down(): float
    {
        return 2 * $this->inset + $this->below;
    }

    public function pictureIn(Box $tile): Box
    {
        return new Box(
            $tile->left->plusPx($this->inset), $tile->top->plusPx($this->inset),
            $tile->width->plusPx(-$this->across()), $tile->height->plusPx(-$this->down()),
        );
    }
}
