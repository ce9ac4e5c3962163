<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Picture;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;

/** Released files of a picture, in the format that every image service has to offer. */
final readonly class LargestFile
{
    public function __construct(private LiveFiles $files)
    {
    }

    /**
     * @param  string  $key  folder in the address
     * @param  ?int  $width  px; null for the widest
     * @return ?string its path; null where it is not in reach
     */
    public function of(string $key, ?int $width): ?string
    {
        $picture = $width === null ? Picture::query()->where('rendition_key', $key)->first() : null;
        $plain = array_filter($picture?->madeRenditions() ?? [], static fn (Rendition $one): bool => $one->format === Format::Jpeg);
        $widest = $width ?? ($plain === [] ? null : max(array_map(static fn (Rendition $one): int => $one->width, $plain)));

        return $widest === null ? null : $this->files->findMedia($key, "{$widest}.".Format::Jpeg->value);
    }
}
