<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

/** File formats that renditions are published in. */
enum Format: string
{
    case WebP = 'webp';
    case Jpeg = 'jpg';

    public function mediaType(): string
    {
        return match ($this) {
            self::WebP => 'image/webp',
            self::Jpeg => 'image/jpeg',
        };
    }
}
