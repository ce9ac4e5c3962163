<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * A block of a mosaic: some pictures side by side and in stacks, together as wide as the gallery
 * and all as high as the block, each in its own shape.
 *
 * A stack of pictures with the ratios r, each wider than high by r, is h·α + β wide where the block
 * is h high: α = 1 / Σ(1/r), and β = -α·(gaps, frames and captions within it). So the height of a block
 * follows from the width of the gallery: h = (W - Σβ - gaps) / Σα, a straight line.
 */
final class MosaicBlock
{
    /** Sizes of the stacks from start to end; a stack of one is a picture as high as the block. */
    public const PATTERNS = [
        [1], [1, 1], [1, 2], [2, 1], [1, 1, 1], [2, 1, 1], [1, 1, 2], [1, 2, 1], [1, 3], [3, 1], [2, 1, 2], [1, 2, 2],
        [2, 1, 2, 1], [1, 2, 1, 2], [2, 1, 2, 1, 2], [2, 2, 1, 2, 2],
    ];
}
