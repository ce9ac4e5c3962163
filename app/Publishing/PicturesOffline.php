<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Actions\BinPictures;
use App\Models\Picture;

/** Takes pictures off everywhere, for now or for good: what of them was published goes with them. */
final readonly class PicturesOffline
{
    public function __construct(private TakeOffline $offline, private BinPictures $bin)
    {
    }

    /**
     * They stay in their galleries, where no visitor gets them until that is allowed again.
     *
     * @param  list<string>  $ids
     */
    public function take(array $ids): void
    {
        $pictures = self::withPosters($ids);
        $this->offline->pictures($pictures, static function () use ($pictures): void {
            Picture::query()->whereIn('id', array_map(static fn (Picture $picture): string => $picture->id, $pictures))->update(['offline_at' => now()]);
        });
    }

    /**
     * Visitors get them again once their galleries are put live.
     *
     * @param  list<string>  $ids
     */
    public function allow(array $ids): void
    {
        Picture::query()->whereIn('id', array_map(static fn (Picture $picture): string => $picture->id, self::withPosters($ids)))->update(['offline_at' => null]);
    }

    /**
     * Deletes for good what is in the bin, and what was published of it.
     *
     * @param  list<string>  $ids
     */
    public function delete(array $ids): int
    {
        $binned = array_values(Picture::query()->whereIn('id', $ids)->whereNotNull('binned_at')->get()->all());
        if ($binned !== []) {
            $this->offline->pictures($binned, static fn () => null);
        }

        return $this->bin->delete($ids);
    }

    /**
     * @param  list<string>  $ids
     * @return list<Picture> with what stands for videos among them
     */
    private static function withPosters(array $ids): array
    {
        $all = [];
        foreach (Picture::query()->whereIn('id', $ids)->with('poster')->get() as $picture) {
            foreach (array_filter([$picture, $picture->poster]) as $one) {
                $all[$one->id] = $one;
            }
        }

        return array_values($all);
    }
}
