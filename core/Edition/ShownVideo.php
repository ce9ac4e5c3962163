<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

/** The file that a tile of a video plays. */
final readonly class ShownVideo
{
    /**
     * @param  string  $mediaType  video/mp4 or video/webm
     */
    public function __construct(public string $address, public string $mediaType)
    {
    }
}
