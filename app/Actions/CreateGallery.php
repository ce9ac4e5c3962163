<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use ZincPane\Core\Changes\Rename;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;

/** Begins a gallery. */
final readonly class CreateGallery
{
    /**
     * @throws ChangeException when the title is empty or too long
     */
    public function handle(string $title): Gallery
    {
        $design = GalleryDesign::default();
        $document = Rename::to($title)->appliedTo(new GalleryDocument('', $design, []));

        return Gallery::query()->create([
            'title' => $document->title,
            'design' => $design->toArray(),
            'version' => 1,
        ]);
    }
}
