<?php

declare(strict_types=1);

namespace App\Publishing;

use RuntimeException;

/** The small script that visitors load, as built. */
final readonly class VisitorScript
{
    public function __construct(private string $path)
    {
    }

    /**
     * @throws RuntimeException when it was not built yet
     */
    public function contents(): string
    {
        $contents = is_file($this->path) ? file_get_contents($this->path) : false;

        return $contents === false
            ? throw new RuntimeException('The visitors\' script is not built. Run "npm run build".')
            : $contents;
    }

    public function fingerprinted(): string
    {
        return 'zinc-pane-'.substr(hash('sha256', $this->contents()), 0, 12).'.js';
    }
}
