<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\GalleryRenderer;
use App\Publishing\PendingChanges;
use App\Publishing\ProofPages;
use App\Publishing\ScriptEmbed;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use ZincPane\Core\Design\GridDesign;
use ZincPane\Core\Layout\Arrangement;

/**
 * A gallery on the bench: its state, its proof, and where it stands.
 *
 * @property Gallery $resource
 */
final class GalleryResource extends JsonResource
{
    public static function of(Gallery $gallery): self
    {
        return new self($gallery->loadMissing('items.picture')->load('panes.page', 'edition'));
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
        $pending = PendingChanges::of($gallery, $site);
        $states = $gallery->journal()->reorder()->distinct()->pluck('state')->all();

        return [
            'id' => $gallery->id,
            'title' => $gallery->title,
            'version' => $gallery->version,
            'saved_at' => $gallery->updated_at->toIso8601String(),
            'design' => $drawn->design->toArray(),
            'ranges' => GridDesign::RANGES,
            'items' => $gallery->items->map(self::item(...))->values(),
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
                'wide' => self::facts($drawn->arrangement, $site->contentWidth()->at(1280)),
                'phone' => self::facts($drawn->arrangement, $site->contentWidth()->at(390)),
            ],
            'proof' => ['html' => $fragment->html, 'css' => $fragment->css],
            'embed' => ScriptEmbed::line($request->getSchemeAndHttpHost(), $gallery->id),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function item(GalleryItem $item): array
    {
        $words = $item->toCore()->words->over($item->picture->words());

        return [
            'id' => $item->id,
            'picture' => PictureResource::describe($item->picture),
            'words' => ['title' => $words->title, 'caption' => $words->caption, 'alt' => $words->alt],
        ];
    }

    /**
     * @param  float  $inner  px
     * @return array<string, int|float>
     */
    private static function facts(Arrangement $arrangement, float $inner): array
    {
        $band = $arrangement->at($inner);

        return [
            'width' => round($inner),
            'columns' => $band->columns,
            'rows' => $band->rows(),
            'in_last_row' => $band->inLastRow(),
            'tile' => $band->boxes->widths === [] ? 0 : round($band->boxes->widths[0]->at($inner)),
            'height' => round($band->height->at($inner)),
        ];
    }
}
