<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Edition;
use App\Models\Gallery;
use App\Models\Page as PageModel;
use App\Models\Site;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\PaneExceptions;
use ZincPane\Core\Site\SiteState;

/** Pages as they would be published now, for the studio alone. */
final readonly class ProofPages
{
    /** In the place of the pane's identifier, so that the studio finds what to replace. */
    public const PROOF_ID = 'proof';

    private const STYLESHEET = '/studio/site.css';

    /** Places light up under the pointer and by keyboard; they take no room, so that the page stands as it will. */
    private const SPOT_STYLE = '<style>.zp-spot{position:relative;z-index:4;height:0}.zp-spot>button{all:revert;position:absolute;inset:-17px 0 auto;box-sizing:border-box;width:100%;height:34px;padding:0 8px;border:2px dashed #0b7568;border-radius:3px;background:#dcefeb;color:#0b5e53;font:600 15px/1 system-ui,sans-serif;cursor:pointer;opacity:0}.zp-spot>button:is(:hover,:focus-visible),.zp-spot.over>button{opacity:1;background:#0b7568;color:#fff;outline:3px solid #141b1f;outline-offset:2px}[data-placing] .zp-spot>button{opacity:.94}@media(hover:none){.zp-spot>button{opacity:.94}}</style>';

    public function __construct(private Painter $painter, private PlacePainter $places, private VisitorScript $script, private Contents $contents, private PageComments $comments, private BroughtInPages $broughtIn)
    {
    }

    /** The page the gallery stands on first, or a page made up for one that stands nowhere. It runs what visitors run. */
    public function ofGallery(Gallery $gallery): string
    {
        $site = Site::whole();
        $saved = $site->asSaved();
        foreach ($saved->pages as $page) {
            if ($page->panesOf($gallery->id) !== [] && ! $page->isBroughtIn) {
                return $this->composer($site, true)->compose($this->composed($page, $site, $saved, self::drafts(), $gallery->id), $saved->menu());
            }
        }
        $sheet = new Composed($gallery->title, '', [(string) Element::of('h1')->text($gallery->title)], [1 => [$this->proof(Drafts::of($gallery), Places::of($gallery, $site), $site)->render()]]);

        return $this->composer($site, true)->compose($sheet, $saved->menu());
    }

    /** A gallery alone, as a proof shows it. */
    public function proof(FrozenGallery $drawn, ContentWidth $content, Site $site): GalleryMarkup
    {
        return $this->painter->proof($drawn, self::PROOF_ID, $content, $site->phrases());
    }

    /**
     * @param  ?string  $galleryId  for which spots are shown
     */
    public function ofPage(PageModel $page, ?string $galleryId): string
    {
        $site = Site::whole();
        $saved = $site->asSaved();
        $gallery = $galleryId === null ? null : Gallery::query()->findOrFail($galleryId);
        $marker = $gallery === null ? null : static fn (int $spot): string => (string) Element::of('div', ['class' => 'zp-spot', 'data-spot' => $spot])->add(
            Element::of('button', ['type' => 'button'])->text("Place “{$gallery->title}” here"),
        );
        $core = $saved->pages[$page->id];
        if ($core->isBroughtIn) {
            return $this->broughtIn->compose($core, $site, self::drafts(), '', '', $marker ?? static fn (): string => '', $gallery === null ? '' : self::SPOT_STYLE);
        }
        $html = $this->composer($site, false)->compose($this->composed($core, $site, $saved, self::drafts()), $saved->menu(), $marker);

        return $gallery === null ? $html : str_replace('</head>', self::SPOT_STYLE.'</head>', $html);
    }

    /**
     * A page as visitors would have it once some galleries and pages were put live; null where it would not be there.
     *
     * @param  list<string>  $galleries
     * @param  list<string>  $pages
     */
    public function next(string $pageId, array $galleries, array $pages): ?string
    {
        $site = Site::whole();
        $saved = $site->asSaved();
        $target = $site->asLive()->with($saved, $galleries, $site->live === null ? array_keys($saved->pages) : $pages, PutLive::heldBack($site));
        if (! isset($target->pages[$pageId])) {
            return null;
        }
        $live = LiveSite::editions();
        $drafts = [];
        $shown = static function (string $id) use ($galleries, $live, &$drafts): ?FrozenGallery {
            return in_array($id, $galleries, true) ? $drafts[$id] ??= Drafts::of(Gallery::query()->findOrFail($id)) : $live[$id] ?? null;
        };

        $page = $target->pages[$pageId];

        return $page->isBroughtIn
            ? $this->broughtIn->compose($page, $site, $shown, '', '')
            : $this->composer($site, false)->compose($this->composed($page, $site, $target, $shown), $target->menu());
    }

    /**
     * A page of the site itself, to be taken along, with its style in it.
     *
     * @param  callable(string): FrozenGallery  $shown
     */
    public function taken(Page $page, Site $site, callable $shown, Addresses $addresses, string $script, string $arrival): string
    {
        $composed = $this->composed($page, $site, $site->asSaved(), $shown, null, $addresses);

        return (new PageComposer($site, '', $script, $arrival, "<style>{$site->stylesheet}</style>"))->compose($composed, $site->asSaved()->menu());
    }

    /** A gallery as it was when it went live. */
    public function ofEdition(Edition $edition): string
    {
        $site = Site::whole();
        $gallery = Gallery::withTrashed()->findOrFail($edition->gallery_id);
        $sheet = new Composed($edition->content->about->title, '', [(string) Element::of('h1')->text($edition->content->about->title)], [1 => [$this->proof($edition->content, Places::of($gallery, $site), $site)->render()]]);

        return $this->composer($site, false)->compose($sheet, $site->asSaved()->menu());
    }

    /**
     * @param  callable(string): ?FrozenGallery  $shown  a gallery as it is to be shown; null for not at all
     * @param  ?string  $bare  a gallery that is shown without exceptions: the stages of the bench set its own
     */
    private function composed(Page $page, Site $site, SiteState $state, callable $shown, ?string $bare = null, ?Addresses $addresses = null): Composed
    {
        $ids = new OwnIdsOfPage;
        $panes = $frame = [0 => [], 1 => []];
        $draw = function (Pane $pane) use ($site, $shown, $bare, $ids, $addresses): array {
            $gallery = $shown($pane->gallery);
            $isBare = $pane->gallery === $bare;
            $own = $isBare ? new Pane($pane->id, $pane->gallery, $pane->spot, $pane->name, $pane->design, PaneExceptions::none(), $pane->room) : $pane;

            return $gallery === null ? [] : [$this->places->place($own, $ids->once($gallery), $site->frame(), $site->phrases(), $isBare ? self::PROOF_ID : null, $bare === null && $addresses === null, $addresses)];
        };
        foreach ($page->panes as $pane) {
            $panes[$pane->spot] = [...$panes[$pane->spot] ?? [], ...$draw($pane)];
        }
        foreach ($state->frameOn($page->id) as $pane) {
            $frame[$pane->spot] = [...$frame[$pane->spot] ?? [], ...$draw($pane)];
        }

        return new Composed($page->title, $page->path(), $this->contents->blocks($page, $site->frame(), $this->contents->pictures([$page])), $panes, $frame[0], $frame[1], $this->contents->css($page, $site->frame()), end: $this->comments->below($page, $site->phrases()));
    }

    /**
     * @return callable(string): FrozenGallery galleries as they are saved
     */
    private static function drafts(): callable
    {
        $drafts = [];

        return static function (string $id) use (&$drafts): FrozenGallery {
            return $drafts[$id] ??= Drafts::of(Gallery::query()->findOrFail($id));
        };
    }

    private function composer(Site $site, bool $runs): PageComposer
    {
        // What a gallery needs may change while its page is shown.
        return new PageComposer($site, self::STYLESHEET, $runs ? $this->script->viewer()->inline().$this->script->inline().$this->script->arrival()->inline() : '');
    }
}
