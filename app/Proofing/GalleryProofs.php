<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\EntryState;
use App\Models\Gallery;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\GalleryStamp;
use App\Publishing\Painter;
use App\Publishing\PendingChanges;
use App\Publishing\Places;
use App\Publishing\ProofPages;
use App\Publishing\ScriptEmbed;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\DesignWords;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Settings\SettingException;

/** A gallery as its screen shows it: its state, its proof, and where it stands. */
final readonly class GalleryProofs
{
    public function __construct(private ProofPages $pages, private Painter $painter, private GalleryMeasures $measures)
    {
    }

    /**
     * @param  string  $host  scheme and host of the site, for what is embedded elsewhere
     * @return array<string, mixed>
     */
    public function of(Gallery $gallery, string $host): array
    {
        $gallery->loadMissing(Gallery::ITEMS)->load('panes.page', 'edition');
        $site = Site::whole();
        $content = Places::of($gallery, $site);
        $drawn = Drafts::of($gallery);
        $pending = PendingChanges::of($gallery, $site, $drawn);
        $states = $gallery->journal()->reorder()->distinct()->pluck('state')->all();

        return [
            'id' => $gallery->id,
            'about' => $drawn->about->toArray(),
            'version' => $gallery->version,
            'stamp' => GalleryStamp::of($gallery),
            'saved_at' => $gallery->updated_at->toIso8601String(),
            'design' => $drawn->design->toArray(),
            'in_force' => $drawn->design->inForce(),
            'briefs' => DesignWords::briefs($drawn->design),
            'layout_label' => $drawn->design->layout->label(),
            'albums' => $drawn->albums->toArray(),
            'items' => Items::all($gallery),
            'can_undo' => in_array(EntryState::Done, $states, true),
            'can_redo' => in_array(EntryState::Undone, $states, true),
            'live' => [
                'at' => $gallery->edition?->created_at->toIso8601String(),
                'changes' => $pending->changes,
                'pages' => $pending->pages,
            ],
            'panes' => array_values($gallery->panes->map(static fn (Pane $pane): array => [
                'id' => $pane->id,
                'page_id' => $pane->page_id,
                'page' => $pane->page->title,
                'address' => $pane->page->address(),
                'spot' => $pane->spot,
            ])->all()),
            'measures' => $this->measures->of($drawn, $content),
            'bands' => $this->bands($drawn, $content),
            'proof' => $this->proof($drawn, $content),
            'embed' => ScriptEmbed::line($host, $gallery->id),
        ];
    }

    /**
     * The proof of a layout that nobody adopted yet.
     *
     * @param  mixed  $layout  a part of the design's layout
     * @return array{html: string, css: string}
     *
     * @throws SettingException when a setting is unknown or out of its range
     */
    public function ofLayout(Gallery $gallery, mixed $layout): array
    {
        return $this->proof(Drafts::of($gallery->loadMissing(Gallery::ITEMS), $gallery->design->with(['layout' => $layout])), Places::of($gallery, Site::whole()));
    }

    /**
     * @return array{html: string, css: string}
     */
    private function proof(FrozenGallery $drawn, ContentWidth $content): array
    {
        $fragment = $this->pages->proof($drawn, $content);

        return ['html' => $fragment->html, 'css' => $fragment->css];
    }

    /**
     * The widths of the window in px at which the layout changes.
     *
     * @return list<int>
     */
    private function bands(FrozenGallery $drawn, ContentWidth $content): array
    {
        $starts = [];
        foreach ($this->painter->sections($drawn) as $section) {
            foreach ($section->arrangement->bands as $band) {
                $starts[] = $band->band->from > 0 ? $content->windowFor($band->band->from) : null;
            }
        }
        $starts = array_unique(array_filter($starts, is_int(...)));
        sort($starts);

        return $starts;
    }
}
