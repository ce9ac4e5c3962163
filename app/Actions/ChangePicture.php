<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\ImagingException;
use App\Models\Picture;
use App\Models\PictureKind;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Tidying\Recipe;

/** Changes a picture itself, for every place that shows it. */
final readonly class ChangePicture
{
    public function __construct(private TidyPictures $tidy, private FindFocalPoint $focal)
    {
    }

    /**
     * @param  array<string, string|bool>  $words  own words, by field
     * @param  array<array-key, mixed>  $facts  keywords and poster, where they are to change
     * @param  bool  $movesFocal  whether the focal point changes; without one it is found anew
     *
     * @throws ImagingException when the original cannot be read
     */
    public function handle(Picture $picture, array $words, array $facts, bool $movesFocal, ?FocalPoint $focal, ?Recipe $recipe): void
    {
        $changes = $words;
        if (is_string($facts['keywords'] ?? null)) {
            $changes['keywords'] = $facts['keywords'];
        }
        if (array_key_exists('poster', $facts) && $picture->kind === PictureKind::Video) {
            $changes['poster_id'] = $facts['poster'];
        }
        if ($movesFocal) {
            $point = $focal === null ? $this->focal->handle($picture) : $picture->recipe()->original($focal, $picture->upright());
            $changes = [...$changes, 'focal_x' => $point->x, 'focal_y' => $point->y, 'focal_by' => $focal === null ? 'found' : 'person'];
        }
        if ($changes !== []) {
            $picture->update($changes);
        }
        if ($recipe !== null && $picture->kind === PictureKind::Picture && ! $recipe->isSameAs($picture->recipe())) {
            $this->tidy->handle($picture, $recipe);
        }
    }
}
