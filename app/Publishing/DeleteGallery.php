<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Pane;
use Illuminate\Database\Connection;

/** Deletes a gallery, from the pages of visitors too; its pictures stay in the store, and it can come back as it was. */
final readonly class DeleteGallery
{
    public function __construct(private Connection $database, private TakeOffline $offline)
    {
    }

    public function delete(Gallery $gallery): void
    {
        $this->database->transaction(static function () use ($gallery): void {
            $panes = $gallery->panes()->get(['id', 'page_id', 'spot', 'name', 'place', 'exceptions', 'room', 'except']);
            $gallery->update(['put_away' => ['edition' => $gallery->edition_id, 'panes' => $panes->toArray()], 'edition_id' => null]);
            $gallery->panes()->delete();
            $gallery->delete();
        });
        $this->offline->gallery($gallery);
    }

    /** As it was before it was deleted, for visitors too. */
    public function restore(Gallery $gallery): void
    {
        $away = $gallery->put_away;
        $this->database->transaction(static function () use ($gallery, $away): void {
            $gallery->restore();
            $gallery->update(['edition_id' => $away['edition'] ?? null, 'put_away' => null]);
            foreach ($away['panes'] ?? [] as $pane) {
                Pane::query()->create([...$pane, 'gallery_id' => $gallery->id]);
            }
        });
        if (($away['edition'] ?? null) !== null) {
            $this->offline->bringBack($gallery->refresh());
        }
    }
}
