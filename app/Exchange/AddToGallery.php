<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Actions\AddPictures;
use App\Actions\ChangeGallery;
use App\Intake\IntakeException;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use ZincPane\Core\Changes\Reword;

/** Puts pictures that came together into a gallery that is there, behind what is in it, with what was said of them. */
final readonly class AddToGallery
{
    public function __construct(private PicturesIn $pictures, private AddPictures $add, private ChangeGallery $change)
    {
    }

    /**
     * @param  callable(string $name, ?IntakeException $refused, ?Picture $picture): void  $told  called for every picture
     */
    public function handle(Archive $archive, Draft $draft, Gallery $gallery, callable $told): Gallery
    {
        $taken = $words = [];
        foreach ($this->pictures->ofDraft($archive, $draft, $told) as [$picture, $besides]) {
            $taken[] = $picture;
            $words[$picture->id] = $besides;
        }
        $this->add->handle($gallery, $taken, null);
        $items = GalleryItem::query()->where('gallery_id', $gallery->id)->whereIn('picture_id', array_keys($words))->get(['id', 'picture_id']);
        $said = [];
        foreach ($items as $item) {
            $own = $words[$item->picture_id ?? ''] ?? [];
            if ($own !== []) {
                $said[$item->id] = $own;
            }
        }

        return $said === [] ? $gallery->refresh() : $this->change->handle($gallery->id, null, Reword::of($said), null);
    }
}
