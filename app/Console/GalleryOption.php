<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Gallery;

/** Finds a gallery by what somebody types in a shell: its identifier, or its title where one alone has it. */
final class GalleryOption
{
    public static function find(string $told): ?Gallery
    {
        $byId = Gallery::query()->find($told);
        $byTitle = $byId === null ? Gallery::query()->where('title', $told)->limit(2)->get() : null;

        return $byId ?? ($byTitle?->count() === 1 ? $byTitle->first() : null);
    }
}
