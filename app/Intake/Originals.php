<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Picture;
use Illuminate\Contracts\Filesystem\Factory;

/** Keeps originals by their content: written beside, renamed into place, never changed. */
final readonly class Originals
{
    public function __construct(private Factory $disks)
    {
    }

    public function keep(Picture $picture, string $path): void
    {
        $disk = $this->disks->disk('originals');
        $target = $picture->originalPath();
        $beside = $target.'.'.bin2hex(random_bytes(6));
        $stream = fopen($path, 'rb');
        $disk->put($beside, $stream === false ? '' : $stream);
        $disk->move($beside, $target);
    }
}
