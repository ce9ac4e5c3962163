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
use ZincPane\Core\Design\GridDesign;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Markup\Section;

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
            'ranges' => GridDesign::RANGES,
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
            'facts' => [
                'wide' => self::facts($drawn->sections, $site->contentWidth()->at(1280)),
                'phone' => self::facts($drawn->sections, $site->contentWidth()->at(390)),
            ],
            'proof' => ['html' => $fragment->html, 'css' => $fragment->css],
            'embed' => ScriptEmbed::line($request->getSchemeAndHttpHost(), $gallery->id),
        ];
    }

    /**
     * @param  non-empty-list<Section>  $sections
     * @param  float  $inner  px
     * @return array<string, int|float>
     */
    private static function facts(array $sections, float $inner): array
    {
        $bands = array_map(static fn (Section $section): BandArrangement => $section->arrangement->at($inner), $sections);
        $last = $bands[count($bands) - 1];

        return [
            'width' => round($inner),
            'columns' => $last->columns,
            'rows' => array_sum(array_map(static fn (BandArrangement $band): int => $band->rows(), $bands)),
            'in_last_row' => $last->inLastRow(),
            'tile' => $last->boxes->widths === [] ? 0 : round($last->boxes->widths[0]->at($inner)),
            'height' => round(array_sum(array_map(static fn (BandArrangement $band): float => $band->height->at($inner), $bands))),
        ];
    }
}
