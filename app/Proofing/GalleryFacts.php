<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Actions\ToldAct;
use App\Models\Gallery;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\GalleryStamp;
use App\Publishing\PendingChanges;
use Illuminate\Contracts\Auth\Guard;
use ZincPane\Core\Design\DesignWords;

/** A gallery as its screens know it, but for its items and its proof: small, whatever the gallery holds. */
final readonly class GalleryFacts
{
    public function __construct(private Guard $guard, private PendingChanges $pending)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function of(Gallery $gallery): array
    {
        $gallery->load('panes.page', 'edition:id,gallery_id,version,created_at');
        $pending = $this->pending->of($gallery, Site::whole());

        return [
            'id' => $gallery->id,
            'about' => $gallery->about()->toArray(),
            'version' => $gallery->version,
            'stamp' => GalleryStamp::of($gallery),
            'saved_at' => $gallery->updated_at->toIso8601String(),
            'design' => $gallery->design->toArray(),
            'in_force' => $gallery->design->inForce(),
            'briefs' => DesignWords::briefs($gallery->design),
            'finish_label' => FinishLabel::of($gallery->design),
            'viewer_label' => $gallery->design->viewer->label(),
            'layout_label' => $gallery->design->layout->label(),
            'albums' => $gallery->albumsInUse()->toArray(),
            'undo' => ToldAct::button($gallery->lastDone(), $this->guard->id()),
            'redo' => ToldAct::button($gallery->firstUndone(), $this->guard->id()),
            'live' => [
                'at' => $gallery->edition?->created_at->toIso8601String(),
                'changes' => $pending['changes'],
                'pages' => $pending['pages'],
            ],
            'panes' => array_values($gallery->panes->map(static fn (Pane $pane): array => [
                'id' => $pane->id,
                'page_id' => $pane->page_id,
                'page' => $pane->page->title ?? 'every page',
                'address' => $pane->page?->address() ?? '/',
                'spot' => $pane->spot,
            ])->all()),
        ];
    }
}
