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
        $stream = fopen($path, 'rb');
        $this->write($picture->originalPath(), $stream === false ? '' : $stream);
    }

    /** A file of a page that was brought in; one that is there already is left as it is, and counts as written now: nobody sweeps it before a row tells of it. */
    public function keepFile(string $target, string $contents): void
    {
        $disk = $this->disks->disk('originals');
        $whole = $disk->exists($target) && $disk->size($target) === strlen($contents);
        if (! $whole || ! touch($disk->path($target))) {
            $this->write($target, $contents);
        }
    }

    /**
     * @param  string|resource  $contents
     */
    private function write(string $target, mixed $contents): void
    {
        $disk = $this->disks->disk('originals');
        $beside = $target.'.'.bin2hex(random_bytes(6));
        $disk->put($beside, $contents);
        $disk->move($beside, $target);
    }
}
