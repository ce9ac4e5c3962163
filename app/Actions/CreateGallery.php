<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\ChangeException;

/** Begins a gallery. */
final readonly class CreateGallery
{
    /**
     * @throws ChangeException when the title is empty or too long
     */
    public function handle(string $title): Gallery
    {
        return Gallery::query()->create([
            ...About::titled($title)->toArray(),
            'design' => GalleryDesign::default(),
            'version' => 1,
        ]);
    }
}
