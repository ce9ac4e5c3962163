<?php

declare(strict_types=1);

namespace App\Actions;

use App\Imaging\ImagingException;
use App\Models\Gallery;
use App\Models\Picture;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\Tidy;
use ZincPane\Core\Changes\Together;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Tidied;

/** Tidying as acts on a gallery: how its pictures stand, and what a change makes of them. */
final class TidiedPictures
{
    /** @var array<string, TidiedFiles> by picture, made before the transaction that needs them */
    private array $made = [];

    public function __construct(private readonly TidyPictures $tidy)
    {
    }

    /**
     * The document with what the change speaks of told in it.
     *
     * @throws ChangeException when it speaks of a picture that the gallery has not
     */
    public function told(Gallery $gallery, Change $change): GalleryDocument
    {
        $document = $gallery->document();

        return match (true) {
            $change instanceof Tidy => $document->tidiedAs(self::of($document, $change->pictures())),
            // A picture may come in and be tidied in one act: all of them are told.
            $change instanceof Together && $change->pictures() !== [] => $document->tidiedAs(self::of(null, $change->pictures())),
            default => $document,
        };
    }

    /**
     * Makes the first files of what a change leads to. It takes long, and holds up nobody before the transaction.
     *
     * @throws ChangeException|SettingException when the change cannot be made
     * @throws ImagingException when an original cannot be read
     */
    public function prepare(Gallery $gallery, Change $change): void
    {
        $ids = $change instanceof Tidy || $change instanceof Together ? $change->pictures() : [];
        if ($ids === []) {
            return;
        }
        $before = $this->told($gallery, $change);
        $pictures = Picture::query()->whereIn('id', $ids)->get()->keyBy('id');
        foreach ($change->appliedTo($before)->tidied as $id => $tidied) {
            $picture = $pictures->get($id);
            if ($picture !== null && ! $tidied->recipe->isSameAs($before->tidied[$id]->recipe)) {
                $this->made[$id] = $this->tidy->files($picture, $tidied->recipe);
            }
        }
    }

    /**
     * @param  array<string, Tidied>  $before
     * @param  array<string, Tidied>  $after
     */
    public function write(array $before, array $after): void
    {
        foreach (Picture::query()->whereIn('id', array_map(strval(...), array_keys($after)))->get() as $picture) {
            $tidied = $after[$picture->id];
            if ($tidied->isSameAs($before[$picture->id])) {
                continue;
            }
            $picture->update(['focal_x' => $tidied->focal->x, 'focal_y' => $tidied->focal->y, 'focal_by' => $tidied->isChosen ? 'person' : 'found', ...($tidied->isChosen ? ['focal_sure' => true] : [])]);
            if (! $tidied->recipe->isSameAs($before[$picture->id]->recipe)) {
                $made = $this->made[$picture->id] ?? null;
                // In between, somebody may have tidied it otherwise; then it is made here.
                $this->tidy->record($picture, $made !== null && $made->recipe->isSameAs($tidied->recipe) ? $made : $this->tidy->files($picture, $tidied->recipe));
            }
        }
        $this->made = [];
    }

    /**
     * @param  ?GalleryDocument  $document  that must have them; null for any
     * @param  list<string>  $pictures
     * @return array<string, Tidied>
     */
    private static function of(?GalleryDocument $document, array $pictures): array
    {
        $there = $document === null ? null : array_fill_keys(array_filter(array_map(static fn (Item $item): ?string => $item->picture, $document->items), static fn (?string $id): bool => $id !== null), true);
        $tidied = [];
        foreach (Picture::query()->whereIn('id', $pictures)->get() as $picture) {
            if ($there === null || isset($there[$picture->id])) {
                $tidied[$picture->id] = $picture->tidied();
            }
        }

        return $tidied;
    }
}
