<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\Picture;
use App\Models\Upload;
use Illuminate\Support\Str;

/**
 * Puts pictures that arrived into the gallery they were sent to: several at a time, all that were
 * dropped together as one act, in the order they were dropped in.
 */
final readonly class PutInArrivals
{
    /** Seconds between two times that pictures of one batch are put in while more of it come. */
    private const PAUSE = 2;

    public function __construct(private AddPictures $add)
    {
    }

    /** Called for every upload that has come to its end, whatever that was. */
    public function handle(Upload $upload): void
    {
        if ($upload->gallery_id !== null) {
            $this->batch($upload->gallery_id, $upload->arrival === null ? $upload->id : Str::beforeLast($upload->arrival, ':'));
        }
    }

    /** What waits for others of its batch that perhaps never come. */
    public function waiting(string $galleryId): void
    {
        $marks = Upload::query()->where('gallery_id', $galleryId)->where('is_put_in', false)->whereNotNull('picture_id')->pluck('arrival', 'id');
        foreach ($marks->map(static fn (mixed $mark, int|string $id): string => is_string($mark) ? Str::beforeLast($mark, ':') : (string) $id)->unique() as $batch) {
            $this->batch($galleryId, $batch);
        }
    }

    private function batch(string $galleryId, string $batch): void
    {
        $all = Upload::query()->where('gallery_id', $galleryId)->where(static fn ($query) => $query->where('arrival', 'like', "{$batch}:%")->orWhere('id', $batch));
        $waiting = $all->clone()->where('is_put_in', false)->whereNotNull('picture_id')->orderBy('arrival')->get();
        $first = $waiting->first();
        $isLast = $first !== null && $all->clone()->whereNotNull('outcome')->count() >= $first->of;
        $gallery = Gallery::query()->find($galleryId);
        if ($first === null || $gallery === null || (! $isLast && $all->clone()->where('is_put_in', true)->where('updated_at', '>', now()->subSeconds(self::PAUSE))->exists())) {
            return;
        }
        $pictures = Picture::query()->whereIn('id', $waiting->pluck('picture_id'))->get()->keyBy('id');
        $come = $marks = [];
        foreach ($waiting as $upload) {
            $picture = $pictures->get((string) $upload->picture_id);
            if ($picture !== null) {
                $come[] = $picture;
                $marks[] = $upload->arrival;
            }
        }
        $this->add->handle($gallery, $come, $first->user_id, $batch, $marks, $isLast);
        Upload::query()->whereIn('id', $waiting->pluck('id'))->update(['is_put_in' => true, 'updated_at' => now()]);
    }
}
