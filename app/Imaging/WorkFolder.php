<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Faults\MachineException;

/** A folder for the files of one piece of work, gone when that is done, whatever came of it. */
final class WorkFolder
{
    /**
     * @template T
     *
     * @param  string  $beside  an existing folder on the disk where the outcome will lie, so that it can be renamed into place
     * @param  callable(string): T  $work  given the path
     * @return T
     *
     * @throws ImagingException
     * @throws MachineException when the disk is full, say
     */
    public static function in(string $beside, callable $work): mixed
    {
        $folder = $beside.'/.work-'.bin2hex(random_bytes(6));
        mkdir($folder);
        try {
            return $work($folder);
        } catch (ImagingException $exception) {
            // Not every tool says why it could not write.
            throw MachineException::orElse($exception, $beside);
        } finally {
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
    }
}
