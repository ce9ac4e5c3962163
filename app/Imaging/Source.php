<?php

declare(strict_types=1);

namespace App\Imaging;

use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

/** A picture file, its size once turned upright, and how it is to be tidied. Only one that is not tidied moves. */
final readonly class Source
{
    public function __construct(public string $path, public Size $upright, public Recipe $recipe, private bool $isMoving = false)
    {
    }

    /** Of a JPEG file, 1, 3 or 4; null for another format. */
    public function jpegChannels(): ?int
    {
        $about = @getimagesize($this->path);

        return $about !== false && $about[2] === IMAGETYPE_JPEG ? $about['channels'] ?? 3 : null;
    }

    public function moves(): bool
    {
        return $this->isMoving && $this->recipe->leavesPicture();
    }

    /** The size that comes of it, before it is made smaller. */
    public function size(): Size
    {
        return $this->recipe->sizeOf($this->upright);
    }
}
