<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Geometry\Ratio;

/** The area of a caption, in shares of its picture; below 0 and above 1 lies what is behind a picture that stands whole in its tile. */
final readonly class CaptionArea
{
    /**
     * @param  float  $at  px of the gallery's inner width where it is so
     */
    private function __construct(public float $left, public float $top, public float $width, public float $height, public float $at)
    {
    }

    /**
     * @param  Ratio  $tile  shape of the place of the picture
     * @param  bool  $crops  the picture covers it, else it stands whole inside
     * @param  float  $top  of the caption, share of the place
     * @param  float  $bottom  of the caption, share of the place
     */
    public static function of(Ratio $picture, Ratio $tile, FocalPoint $focal, bool $crops, float $top, float $bottom, float $at): self
    {
        $width = $tile->value / $picture->value;
        if ($crops) {
            $seen = CropWindow::cover($picture, $tile, $focal);
            [$left, $upper, $wide, $high] = [$seen->left, $seen->top, $seen->width, $seen->height];
        } else {
            $wide = max(1.0, $width);
            $high = max(1.0, 1 / $width);
            [$left, $upper] = [(1 - $wide) / 2, (1 - $high) / 2];
        }

        return new self($left, $upper + $top * $high, $wide, ($bottom - $top) * $high, $at);
    }

    /** As seen where the picture is enlarged within its frame. */
    public function enlarged(float $scale): self
    {
        $nearer = static fn (float $share): float => 0.5 + ($share - 0.5) / $scale;

        return new self($nearer($this->left), $nearer($this->top), $this->width / $scale, $this->height / $scale, $this->at);
    }
}
