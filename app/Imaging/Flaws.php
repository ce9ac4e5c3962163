<?php

declare(strict_types=1);

namespace App\Imaging;

/** Damage inside a JPEG that its reader could get over, as libjpeg tells it. */
final class Flaws
{
    private bool $isDamage = false;

    public function note(string $complaint): void
    {
        // Bytes too many between two parts are skipped, and nothing of the picture is lost: some cameras write them.
        $isHarmless = str_contains($complaint, 'extraneous bytes before marker') && ! str_contains($complaint, 'Huffman') && ! str_contains($complaint, 'premature');
        $this->isDamage = $this->isDamage || (str_contains($complaint, 'Corrupt JPEG') && ! $isHarmless);
    }

    public function isDamage(): bool
    {
        return $this->isDamage;
    }
}
