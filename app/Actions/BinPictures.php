<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\Picture;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\Connection;

/** Throws pictures of the store away: into the bin, out of it again, or for good. */
final readonly class BinPictures
{
    public function __construct(private Connection $database, private Factory $disks)
    {
    }

    /**
     * Puts into the bin what stands nowhere.
     *
     * @param  list<string>  $ids
     * @return list<array{id: string, name: string, galleries: list<array{id: string, title: string}>}> those that are in use and stay
     */
    public function bin(array $ids): array
    {
        return $this->database->transaction(function () use ($ids): array {
            Picture::query()->whereIn('id', $ids)->whereNull('binned_at')->doesntHave('items')->doesntHave('posterOf')->whereNotIn('id', Gallery::grounds())->update(['binned_at' => now()]);
            $stay = [];
            foreach (Picture::query()->whereIn('id', $ids)->whereNull('binned_at')->get() as $picture) {
                $stay[] = ['id' => $picture->id, 'name' => $picture->title !== '' ? $picture->title : $picture->name, 'galleries' => $this->galleriesOf($picture)];
            }

            return $stay;
        });
    }

    /**
     * @param  list<string>  $ids
     */
    public function restore(array $ids): void
    {
        Picture::query()->whereIn('id', $ids)->update(['binned_at' => null]);
    }

    /**
     * Deletes for good what is in the bin. What visitors see of earlier editions stays with those.
     *
     * @param  list<string>  $ids
     */
    public function delete(array $ids): int
    {
        $deleted = 0;
        foreach (Picture::query()->whereIn('id', $ids)->whereNotNull('binned_at')->get() as $picture) {
            $picture->delete();
            $this->disks->disk('originals')->delete($picture->originalPath());
            $this->disks->disk('renditions')->deleteDirectory($picture->renditionFolder());
            $deleted++;
        }

        return $deleted;
    }

    /**
     * @return list<array{id: string, title: string}>
     */
    public function galleriesOf(Picture $picture): array
    {
        $ids = [$picture->id, ...$picture->posterOf()->pluck('id')->all()];
        $galleries = Gallery::query()->where(static fn ($query) => $query->whereHas('items', static fn ($items) => $items->whereIn('picture_id', $ids))->orWhereIn(Gallery::GROUND, $ids))->orderBy('title')->get(['id', 'title']);

        return array_values($galleries->map(static fn (Gallery $gallery): array => ['id' => $gallery->id, 'title' => $gallery->title])->all());
    }
}
