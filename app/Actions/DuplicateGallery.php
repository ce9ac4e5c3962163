<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use ZincPane\Core\Gallery\About;

/** Begins a gallery as another one is: its pictures, words, order and design, but not where it stands. */
final readonly class DuplicateGallery
{
    private const SUFFIX = ' copy';

    public function __construct(private Connection $database)
    {
    }

    public function handle(Gallery $gallery): Gallery
    {
        return $this->database->transaction(static function () use ($gallery): Gallery {
            $copy = $gallery->replicate(['edition_id', 'version', 'put_away', 'deleted_at']);
            $copy->fill(['title' => mb_substr($gallery->title, 0, About::LONGEST_TITLE - mb_strlen(self::SUFFIX)).self::SUFFIX, 'version' => 1])->save();
            $rows = [];
            foreach (GalleryItem::query()->toBase()->where('gallery_id', $gallery->id)->orderBy('position')->get() as $row) {
                $rows[] = [...(array) $row, 'id' => (string) Str::ulid(), 'gallery_id' => $copy->id, 'arrival' => null];
            }
            foreach (array_chunk($rows, 500) as $some) {
                GalleryItem::query()->insert($some);
            }

            return $copy;
        });
    }
}
