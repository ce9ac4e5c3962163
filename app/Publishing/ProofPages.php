<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Page;
use App\Models\Site;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;

/** Pages as they would be published now, for the studio alone. */
final readonly class ProofPages
{
    /** In the place of the pane's identifier, so that the studio finds what to replace. */
    public const PROOF_ID = 'proof';

    private const STYLESHEET = '/studio/site.css';

    private const SPOT_STYLE = '<style>.spot{all:revert;display:block;box-sizing:border-box;width:100%;min-height:44px;margin:14px 0;padding:8px;border:2px dashed #0b7568;border-radius:3px;background:#dcefeb;color:#0b5e53;font:600 16px/1.3 system-ui,sans-serif;cursor:pointer}.spot:hover,.spot:focus-visible{background:#0b7568;color:#fff;outline:3px solid #141b1f;outline-offset:2px}</style>';

    public function __construct(private Painter $painter, private VisitorScript $script)
    {
    }

    /** The page the gallery stands on first, or a page made up for one that stands nowhere. It runs what visitors run. */
    public function ofGallery(Gallery $gallery): string
    {
        $site = Site::whole();
        foreach ($site->pages as $page) {
            if ($page->panes->contains('gallery_id', $gallery->id)) {
                return $this->composer($site, true)->compose($page, SiteBuilder::menu($site), $this->panes($page, $gallery, false));
            }
        }
        $sheet = new Page(['slug' => '-', 'title' => $gallery->title, 'blocks' => [(string) Element::of('h1')->text($gallery->title)]]);

        return $this->composer($site, true)->compose($sheet, SiteBuilder::menu($site), [1 => [$this->proof(Drafts::of($gallery), Places::of($gallery, $site), $site)->render()]]);
    }

    /** A gallery alone, as a proof shows it. */
    public function proof(FrozenGallery $drawn, ContentWidth $content, Site $site): GalleryMarkup
    {
        return $this->painter->proof($drawn, self::PROOF_ID, $content, $site->phrases());
    }

    /**
     * @param  ?string  $galleryId  for which spots are shown
     */
    public function ofPage(Page $page, ?string $galleryId): string
    {
        $site = Site::whole();
        /** @var Page $full */
        $full = $site->pages->find($page->id);
        $gallery = $galleryId === null ? null : Gallery::query()->findOrFail($galleryId);
        $marker = $gallery === null ? null : static fn (int $spot): string => (string) Element::of('button', [
            'type' => 'button', 'class' => 'spot', 'data-spot' => $spot,
        ])->text("Place “{$gallery->title}” here");
        $html = $this->composer($site, false)->compose($full, SiteBuilder::menu($site), $this->panes($full, $gallery), $marker);

        return $gallery === null ? $html : str_replace('</head>', self::SPOT_STYLE.'</head>', $html);
    }

    /**
     * @param  bool  $sizes  with the sizes of tiles that panes of the gallery wish; the stage Layout sets the gallery's own
     * @return array<int, list<Fragment>> by spot
     */
    private function panes(Page $page, ?Gallery $gallery, bool $sizes = true): array
    {
        $panes = [];
        $ids = new OwnIdsOfPage;
        foreach ($page->panes as $pane) {
            $isOwn = $pane->gallery_id === $gallery?->id;
            $shown = $isOwn ? $gallery : Gallery::query()->findOrFail($pane->gallery_id);
            $panes[$pane->spot][] = $this->painter->draw(
                $ids->once(Drafts::of($shown))->sized($isOwn && ! $sizes ? null : $pane->tileSize()),
                $isOwn ? self::PROOF_ID : SiteBuilder::paneId($pane->id),
                $pane->contentWidth(),
                Addresses::rooted(),
                $page->site->phrases(),
            );
        }

        return $panes;
    }

    private function composer(Site $site, bool $runs): PageComposer
    {
        // What a gallery needs may change while its page is shown.
        return new PageComposer($site, self::STYLESHEET, $runs ? $this->script->viewer()->inline().$this->script->inline().$this->script->arrival()->inline() : '');
    }
}
