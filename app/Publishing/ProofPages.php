<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Edition;
use App\Models\Gallery;
use App\Models\Page as PageModel;
use App\Models\Site;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\PaneExceptions;

/** Pages as they would be published now, for the studio alone. */
final readonly class ProofPages
{
    /** In the place of the pane's identifier, so that the studio finds what to replace. */
    public const PROOF_ID = 'proof';

    private const STYLESHEET = '/studio/site.css';

    /** Places light up under the pointer and by keyboard. They take no room, so that the page stands as it will; only while a place is looked for they do, beside what floats, so that no words are covered. */
    private const SPOT_STYLE = '<style>.zp-spot{position:relative;z-index:4;height:0}.zp-spot>button{all:revert;position:absolute;inset:-17px 0 auto;box-sizing:border-box;width:100%;height:34px;padding:0 8px;border:2px dashed #0b7568;border-radius:3px;background:#dcefeb;color:#0b5e53;font:600 15px/1 system-ui,sans-serif;cursor:pointer;opacity:0}.zp-spot>button:is(:hover,:focus-visible),.zp-spot.over>button{opacity:1;background:#0b7568;color:#fff;outline:3px solid #141b1f;outline-offset:2px}[data-placing] .zp-spot{display:flow-root;height:34px;margin:6px 0}[data-placing] .zp-spot>button{inset:0;opacity:1}@media(hover:none){.zp-spot>button{opacity:.94}}</style>';

    public function __construct(private Painter $painter, private PlacePainter $places, private PageContent $content, private VisitorScript $script, private BroughtInPages $broughtIn)
    {
    }

    /** The page the gallery stands on first, or a page made up for one that stands nowhere. It runs what visitors run. */
    public function ofGallery(Gallery $gallery): string
    {
        $site = Site::whole();
        $saved = $site->asSaved();
        foreach ($saved->pages as $page) {
            if ($page->panesOf($gallery->id) !== [] && ! $page->isBroughtIn) {
                return $this->composer($site, true)->compose($this->content->of($page, $site, $saved, Drafts::byId(), null, $this->bare($site, $gallery->id)), $saved->menu());
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
            return $this->broughtIn->compose($core, $site, Drafts::byId(), '', '', $marker ?? static fn (): string => '', $gallery === null ? '' : self::SPOT_STYLE);
        }
        $html = $this->composer($site, false)->compose($this->content->of($core, $site, $saved, Drafts::byId(), null, $this->told($site)), $saved->menu(), $marker);

        return $gallery === null ? $html : str_replace('</head>', self::SPOT_STYLE.'</head>', $html);
    }

    /** A page as it is saved, for one who has no account: with all it needs in it, so that it acts as it will. */
    public function look(PageModel $page): string
    {
        $site = Site::whole();
        $saved = $site->asSaved();
        $core = $saved->pages[$page->id];

        if ($core->isBroughtIn) {
            return $this->broughtIn->compose($core, $site, Drafts::byId(), $this->script->whole(), '');
        }
        $place = fn (Pane $pane, FrozenGallery $gallery): Fragment => $this->places->place($pane, $gallery, $site->frame(), $site->phrases());

        return (new PageComposer($site, '', $this->script->whole(), '', "<style>{$site->stylesheet}</style>"))->compose($this->content->of($core, $site, $saved, Drafts::byId(), null, $place), $saved->menu());
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
        $drafts = Drafts::byId();
        $shown = static fn (string $id): ?FrozenGallery => in_array($id, $galleries, true) ? $drafts($id) : $live[$id] ?? null;
        $page = $target->pages[$pageId];

        return $page->isBroughtIn
            ? $this->broughtIn->compose($page, $site, $shown, '', '')
            : $this->composer($site, false)->compose($this->content->of($page, $site, $target, $shown, null, $this->told($site)), $target->menu());
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
     * In the studio, what stands on a page tells which pane it is.
     *
     * @return callable(Pane, FrozenGallery): Fragment
     */
    private function told(Site $site): callable
    {
        return fn (Pane $pane, FrozenGallery $gallery): Fragment => $this->places->place($pane, $gallery, $site->frame(), $site->phrases(), null, true);
    }

    /**
     * One gallery is shown without exceptions, where the studio finds it: the stages of the bench set its own.
     *
     * @return callable(Pane, FrozenGallery): Fragment
     */
    private function bare(Site $site, string $bare): callable
    {
        return fn (Pane $pane, FrozenGallery $gallery): Fragment => $pane->gallery === $bare
            ? $this->places->place(new Pane($pane->id, $pane->gallery, $pane->spot, $pane->name, $pane->design, PaneExceptions::none(), $pane->room), $gallery, $site->frame(), $site->phrases(), self::PROOF_ID)
            : $this->places->place($pane, $gallery, $site->frame(), $site->phrases());
    }

    private function composer(Site $site, bool $runs): PageComposer
    {
        return new PageComposer($site, self::STYLESHEET, $runs ? $this->script->whole() : '');
    }
}
