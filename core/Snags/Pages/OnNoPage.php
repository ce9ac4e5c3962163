<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Pages;

use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** A gallery that stands nowhere. */
final readonly class OnNoPage implements Rule
{
    public function code(): string
    {
        return 'on-no-page';
    }

    public function stage(): Stage
    {
        return Stage::Pages;
    }

    public function found(Inspected $gallery): array
    {
        return $gallery->around->isUsed || $gallery->items === [] ? [] : [Sighting::ofGallery('nowhere')];
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return 'The gallery stands on no page: no visitor sees it.';
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        // On which page it should stand only its owner knows.
        return [];
    }
}
