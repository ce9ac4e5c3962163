<?php

declare(strict_types=1);

namespace App\Proofing;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Tells whether code was changed since something that it computed was kept: what is kept then is computed again. */
final class CodeMark
{
    private ?string $mark = null;

    /**
     * @param  list<string>  $folders  of the code that computes what is kept
     */
    public function __construct(private readonly array $folders)
    {
    }

    /** Another one as soon as a file is added, removed, changed, or written by another release. */
    public function now(): string
    {
        return $this->mark ??= $this->read();
    }

    private function read(): string
    {
        $files = [];
        foreach ($this->folders as $folder) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
                $files[] = "{$file->getPathname()} {$file->getSize()} {$file->getMTime()}";
            }
        }
        sort($files);

        return hash('xxh128', implode("\n", $files));
    }
}
