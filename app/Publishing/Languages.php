<?php

declare(strict_types=1);

namespace App\Publishing;

use ReflectionClass;
use ZincPane\Core\Phrases\Language;
use ZincPane\Core\Phrases\Phrases;

/** The languages that visitors are spoken to in: one file each, beside the phrases. */
final class Languages
{
    /**
     * @return list<Phrases>
     */
    public function all(): array
    {
        $folder = dirname((string) (new ReflectionClass(Language::class))->getFileName()).'/In';

        return array_map(static fn (string $file): Phrases => Phrases::in(strtolower(basename($file, '.php'))), glob($folder.'/*.php') ?: []);
    }
}
