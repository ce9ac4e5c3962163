<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use App\Models\PictureKind;
use ZincPane\Core\Changes\Reorder;
use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Ordering\Order;
use ZincPane\Core\Ordering\Orderable;
use ZincPane\Core\Ordering\Orders;
use ZincPane\Core\Settings\SettingException;

/** Puts the items of a gallery into an order that the core knows. */
final readonly class OrderGallery
{
    public function __construct(private ChangeGallery $change)
    {
    }

    /**
     * What would come of it.
     *
     * @param  mixed  $by  name of an order that the core knows
     * @param  int  $seed  of a shuffle
     * @return list<string> identifiers of the items, in the new order
     *
     * @throws SettingException when there is no such order
     */
    public function preview(Gallery $gallery, mixed $by, int $seed): array
    {
        return self::arranged($gallery, Orders::of($by, $seed));
    }

    /**
     * @throws SettingException when there is no such order
     * @throws StaleVersionException when there is a newer version
     */
    public function handle(Gallery $gallery, int $version, mixed $by, int $seed, ?string $userId): Gallery
    {
        $order = Orders::of($by, $seed);

        return $this->change->handle($gallery->id, $version, Reorder::to(self::arranged($gallery, $order), $order->summary()), $userId);
    }

    /**
     * @return list<string>
     */
    private static function arranged(Gallery $gallery, Order $order): array
    {
        $rows = array_values($gallery->loadMissing(Gallery::ITEMS)->items->all());
        $offset = self::usualOffset($rows);
        $places = $order->arrange(array_map(static fn (GalleryItem $row): Orderable => self::orderable($row, $offset), $rows));

        return array_map(static fn (int $place): string => $rows[$place]->id, $places);
    }

    /**
     * The zone that most pictures tell, for those that tell none: a camera without one hangs beside a telephone with one, and videos tell UTC.
     *
     * @param  list<GalleryItem>  $rows
     * @return int minutes ahead of UTC
     */
    private static function usualOffset(array $rows): int
    {
        $times = array_count_values(array_filter(array_map(static fn (GalleryItem $row): ?int => $row->picture?->kind === PictureKind::Video ? null : $row->picture?->taken_offset, $rows), is_int(...)));
        arsort($times);

        return array_key_first($times) ?? 0;
    }

    private static function orderable(GalleryItem $row, int $offset): Orderable
    {
        $face = $row->picture?->face();
        $title = $row->words()->title;

        return new Orderable(
            $title !== '' ? $title : ($row->picture->name ?? ''),
            $row->picture === null ? null : self::moment($row->picture, $offset),
            $face?->size()->ratio() ?? Ratio::of(4, 3),
            $face?->palette()->main() ?? Oklab::of(1, 0, 0),
            $face?->look(),
        );
    }

    /** Seconds since 1970 at which it was taken, wherever the clock stood; null when it does not tell. */
    private static function moment(Picture $picture, int $offset): ?float
    {
        return $picture->taken_at === null ? null : $picture->taken_at->getTimestamp() - 60 * ($picture->taken_offset ?? $offset) + $picture->taken_milliseconds / 1000;
    }
}
