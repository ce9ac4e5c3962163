<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use Illuminate\Support\Str;
use ZincPane\Core\Changes\AddItems;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;

/** Puts a small piece of text among the pictures of a gallery. */
final readonly class AddText
{
    public function __construct(private ChangeGallery $change)
    {
    }

    /**
     * @param  string  $cleaned  HTML
     */
    public function handle(Gallery $gallery, string $title, string $cleaned, ?string $userId): Gallery
    {
        $words = ItemWords::parse($title === '' ? [] : ['title' => $title]);

        return $this->change->handle($gallery->id, null, AddItems::atEnd([new Item((string) Str::ulid(), null, $words, $cleaned)]), $userId);
    }
}
