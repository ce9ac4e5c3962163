<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\ImagingException;
use App\Models\Picture;
use App\Models\PictureKind;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Cropping\FoundFocal;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Recipe;

/** Changes a picture itself, for every place that shows it. */
final readonly class ChangePicture
{
    public function __construct(private TidyPictures $tidy, private FindFocalPoint $focal)
    {
    }

    /**
     * @param  array<string, mixed>  $facts  what is to change, as it came: own words by field, keywords, poster of a video, focal point on the picture as it will be seen (null: found anew), recipe
     *
     * @throws ChangeException|SettingException when a word or the recipe cannot be; nothing was stored
     * @throws ImagingException when the original cannot be read
     */
    public function handle(Picture $picture, array $facts): void
    {
        $changes = self::words($facts['words'] ?? []);
        $recipe = array_key_exists('recipe', $facts) ? Recipe::fromArray($facts['recipe']) : null;
        if (is_string($facts['keywords'] ?? null)) {
            $changes['keywords'] = $facts['keywords'];
        }
        if (array_key_exists('poster', $facts) && $picture->kind === PictureKind::Video) {
            $changes['poster_id'] = $facts['poster'];
        }
        if (array_key_exists('focal', $facts)) {
            $changes = [...$changes, ...$this->focal($picture, $facts['focal'], $recipe ?? $picture->recipe())];
        }
        if ($changes !== []) {
            $picture->update($changes);
        }
        if ($recipe !== null && $picture->kind === PictureKind::Picture && ! $recipe->isSameAs($picture->recipe())) {
            $this->tidy->handle($picture, $recipe);
        }
    }

    /**
     * @return array<string, string|bool> by field, those that were sent; a word that is taken away is an empty one
     */
    private static function words(mixed $words): array
    {
        if (! is_array($words)) {
            throw ChangeException::notAGroup('words', $words);
        }

        return array_map(static fn (string|bool|null $word): string|bool => $word ?? '', array_intersect_key(ItemWords::parse($words)->toArray(), $words));
    }

    /**
     * @return array<string, float|string|bool>
     */
    private function focal(Picture $picture, mixed $seen, Recipe $recipe): array
    {
        $isGiven = is_array($seen) && is_numeric($seen[0] ?? null) && is_numeric($seen[1] ?? null);
        $found = $isGiven
            ? new FoundFocal($recipe->original(FocalPoint::of((float) $seen[0], (float) $seen[1]), $picture->upright()), true)
            : $this->focal->handle($picture);

        return ['focal_x' => $found->point->x, 'focal_y' => $found->point->y, 'focal_by' => $isGiven ? 'person' : 'found', 'focal_sure' => $found->isSure];
    }
}
