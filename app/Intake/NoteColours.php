<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Picture;

/** Writes down the colours of a picture where the search by colour finds them. */
final readonly class NoteColours
{
    public function handle(Picture $picture): void
    {
        $picture->colours()->delete();
        foreach ($picture->palette()->swatches as $swatch) {
            $picture->colours()->create(['l' => $swatch->colour->l, 'a' => $swatch->colour->a, 'b' => $swatch->colour->b, 'share' => $swatch->share]);
        }
    }
}
