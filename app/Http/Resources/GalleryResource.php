<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\GalleryRenderer;
use App\Publishing\GalleryStamp;
use App\Publishing\PendingChanges;
use App\Publishing\ProofPages;
use App\Publishing\ScriptEmbed;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\PhoneDesign;
use ZincPane\Core\Design\TileShape;
use ZincPane\Core\Design\TileSize;

/**
 * A gallery on the bench: its state, its proof, and where it stands.
 *
 * @property Gallery $resource
 */
final class GalleryResource extends JsonResource
{
    public static function of(Gallery $gallery): self
    {
        return new self($gallery->loadMissing(Gallery::ITEMS)->load('panes.page', 'edition'));
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $gallery = $this->resource;
        $site = Site::query()->with('pages.panes')->firstOrFail();
        $drawn = GalleryRenderer::ofDraft($gallery);
        $fragment = $drawn->fragment(ProofPages::PROOF_ID, $site->contentWidth());
        $pending = PendingChanges::of($gallery, $site, $drawn);
        $states = $gallery->journal()->reorder()->distinct()->pluck('state')->all();

        return [
            'id' => $gallery->id,
            'about' => $drawn->about->toArray(),
            'version' => $gallery->version,
            'stamp' => GalleryStamp::of($gallery),
            'saved_at' => $gallery->updated_at->toIso8601String(),
            'design' => $drawn->design->toArray(),
            'layout_label' => $drawn->design->layout->label(),
            'ranges' => [...LayoutDesign::RANGES, 'phone' => PhoneDesign::RANGES, 'sizes' => TileSize::NAMES, 'size' => TileSize::RANGE, 'extreme' => TileShape::EXTREME],
            'albums' => $gallery->albums,
            'items' => ItemResource::all($gallery),
            'can_undo' => in_array(EntryState::Done, $states, true),
            'can_redo' => in_array(EntryState::Undone, $states, true),
            'live' => [
                'at' => $gallery->edition?->created_at->toIso8601String(),
                'changes' => $pending->changes,
                'pages' => $pending->pages,
            ],
            'panes' => $gallery->panes->map(static fn (Pane $pane): array => [
                'id' => $pane->id,
                'page_id' => $pane->page_id,
                'page' => $pane->page->title,
                'address' => $pane->page->address(),
                'spot' => $pane->spot,
            ])->values(),
            'measures' => GalleryMeasures::of($drawn, $site->contentWidth()),
            'bands' => self::bands($drawn, $site->contentWidth()),
            'proof' => ['html' => $fragment->html, 'css' => $fragment->css],
            'embed' => ScriptEmbed::line($request->getSchemeAndHttpHost(), $gallery->id),
        ];
    }

    /**
     * The widths of the window in px at which the layout changes.
     *
     * @return list<int>
     */
    private static function bands(GalleryRenderer $drawn, ContentWidth $content): array
    {
        $starts = [];
        foreach ($drawn->sections() as $section) {
            foreach ($section->arrangement->bands as $band) {
                $starts[] = $band->band->from > 0 ? $content->windowFor($band->band->from) : null;
            }
        }
        $starts = array_unique(array_filter($starts, is_int(...)));
        sort($starts);

        return $starts;
    }
}
