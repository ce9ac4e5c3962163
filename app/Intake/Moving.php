<?php

declare(strict_types=1);

namespace App\Intake;

use App\Imaging\Header;
use Illuminate\Config\Repository;

/** Which pictures that move do so for visitors: those that are small enough. */
final readonly class Moving
{
    /** Chunk of a PNG that has several pictures in it. (https://www.w3.org/TR/png-3/#acTL-chunk) */
    private const PNG_CONTROL = 'acTL';

    /** Bytes from the beginning of a PNG within which that chunk stands. */
    private const NEAR = 1 << 16;

    public function __construct(private Repository $config)
    {
    }

    /** Whether there are several pictures in it, shown one after the other. */
    public function is(FileType $type, string $path, Header $header): bool
    {
        return match ($type) {
            FileType::Gif, FileType::WebP => $header->pages() > 1,
            FileType::Png => str_contains((string) file_get_contents($path, length: self::NEAR), self::PNG_CONTROL),
            default => false,
        };
    }

    /** Why visitors see only its first picture; null where they see it move. */
    public function whyStill(FileType $type, int $bytes, Header $header): ?string
    {
        $limits = array_map($this->config->integer(...), ['bytes' => 'zinc.limits.moving_bytes', 'pictures' => 'zinc.limits.moving_pictures', 'megapixels' => 'zinc.limits.moving_megapixels']);
        $megabytes = intdiv($limits['bytes'], 1024 * 1024);

        return match (true) {
            $type === FileType::Png => 'of PNG files only the first picture is taken; save it as WebP or GIF to see it move',
            $bytes > $limits['bytes'] => "the file is larger than {$megabytes} MB, the most for one that moves",
            $header->pages() > $limits['pictures'] => "it has {$header->pages()} pictures; at most {$limits['pictures']} are shown one after the other",
            $header->megapixels() * $header->pages() > $limits['megapixels'] => 'its pictures have '.round($header->megapixels() * $header->pages())." megapixels together; at most {$limits['megapixels']} are shown one after the other",
            default => null,
        };
    }
}
