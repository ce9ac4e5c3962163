<?php

declare(strict_types=1);

namespace App\Intake;

use App\Imaging\AnimatedPng;
use App\Imaging\Header;
use App\Imaging\ImagingException;
use App\Imaging\PngFrames;
use Illuminate\Config\Repository;

/** Which pictures that move do so for visitors: those that are small enough. */
final readonly class Moving
{
    public function __construct(private Repository $config)
    {
    }

    /** How many pictures in it are shown one after the other; 1 where it does not move. */
    public function pictures(FileType $type, string $path, Header $header): int
    {
        return match ($type) {
            FileType::Gif, FileType::WebP => $header->pages(),
            FileType::Png => PngFrames::told($path),
            default => 1,
        };
    }

    /** Why visitors see only its first picture; null where they see it move. */
    public function whyStill(FileType $type, string $path, int $bytes, Header $header): ?string
    {
        $limits = array_map($this->config->integer(...), ['bytes' => 'zinc.limits.moving_bytes', 'pictures' => 'zinc.limits.moving_pictures', 'megapixels' => 'zinc.limits.moving_megapixels']);
        $pictures = $this->pictures($type, $path, $header);
        $megabytes = intdiv($limits['bytes'], 1024 * 1024);

        return match (true) {
            $bytes > $limits['bytes'] => "the file is larger than {$megabytes} MB, the most for one that moves",
            $pictures > $limits['pictures'] => "it has {$pictures} pictures; at most {$limits['pictures']} are shown one after the other",
            $header->megapixels() * $pictures > $limits['megapixels'] => 'its pictures have '.round($header->megapixels() * $pictures)." megapixels together; at most {$limits['megapixels']} are shown one after the other",
            $type === FileType::Png => $this->whyPngIsStill($path, $header),
            default => null,
        };
    }

    private function whyPngIsStill(string $path, Header $header): ?string
    {
        if ($header->megapixels() > AnimatedPng::MEGAPIXELS) {
            return 'its pictures have '.round($header->megapixels(), 1).' megapixels each; of a PNG that moves at most '.AnimatedPng::MEGAPIXELS.' are taken';
        }
        if (max($header->seenWidth(), $header->seenHeight()) > AnimatedPng::LONGEST) {
            return 'it is more than '.AnimatedPng::LONGEST.' px long';
        }
        try {
            AnimatedPng::read($path)->readToEnd();
        } catch (ImagingException) {
            return 'a picture after the first cannot be read';
        }

        return null;
    }
}
