<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Intake\IntakeException;
use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The files of a folder and of those in it; links are not followed. */
final class FolderFiles implements Archive
{
    /** @var ?array<string, true> by name, once they were looked for */
    private ?array $files = null;

    public function __construct(private readonly string $folder)
    {
    }

    public function names(): array
    {
        return array_map(strval(...), array_keys($this->files()));
    }

    /**
     * @return array<string, true>
     */
    private function files(): array
    {
        return $this->files ??= array_fill_keys($this->found(), true);
    }

    /**
     * @return list<string>
     */
    private function found(): array
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
        return isset($this->files()[$name]) ? "{$this->folder}/{$name}" : throw IntakeException::damaged($name);
    }
}
