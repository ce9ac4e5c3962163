<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Intake\IntakeException;
use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The files of a folder and of those in it; links are not followed. */
final readonly class FolderFiles implements Archive
{
    public function __construct(private string $folder)
    {
    }

    public function names(): array
    {
        $names = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($this->folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo && $file->isFile() && ! $file->isLink() && $file->getFilename()[0] !== '.') {
                $names[] = substr($file->getPathname(), strlen(rtrim($this->folder, '/')) + 1);
            }
        }
        natcasesort($names);

        return array_values($names);
    }

    public function text(string $name, int $most): string
    {
        $path = $this->path($name);

        return (int) filesize($path) > $most ? throw IntakeException::tooLarge($name, $most) : (string) file_get_contents($path);
    }

    public function with(string $name, callable $work): mixed
    {
        return $work($this->path($name));
    }

    /**
     * @throws IntakeException when there is none of that name
     */
    private function path(string $name): string
    {
        return in_array($name, $this->names(), true) ? "{$this->folder}/{$name}" : throw IntakeException::damaged($name);
    }
}
