<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

/** The file that a tile of a video plays. */
final readonly class ShownVideo
{
    /**
     * @param  string  $mediaType  video/mp4 or video/webm
     * @param  ?string  $track  address of its WebVTT; null for none
     */
    public function __construct(public string $address, public string $mediaType, public ?string $track = null)
    {
    }
}
