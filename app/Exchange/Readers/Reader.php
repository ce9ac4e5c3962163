<?php

declare(strict_types=1);

namespace App\Exchange\Readers;

use App\Exchange\Draft;
use App\Exchange\Names;
use ZincPane\Core\Formats\FormatException;

/** Understands one kind of index. */
interface Reader
{
    /** Bytes of an index at most. */
    public const LARGEST = 16 * 1024 * 1024;

    /** Pictures in it at most. */
    public const MOST = 5000;

    /** What names of pictures and videos end with, as a part of a pattern. */
    public const ENDING = '\.(?:jpe?g|png|webp|gif|avif|heic|mp4|webm)';

    /** Whether a file may be one, by its name. */
    public function mayRead(string $name): bool;

    /**
     * @param  string  $folder  that it lies in; empty for the top
     * @return ?Draft null where it is none after all
     *
     * @throws FormatException when it is one that cannot be read
     */
    public function read(string $text, string $folder, Names $names): ?Draft;
}
