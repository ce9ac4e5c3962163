<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Actions\OwnIds;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\GalleryStamp;
use App\Publishing\Places;
use Illuminate\Cache\Repository as Cache;
use ZincPane\Core\Finish\PageStyle;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Snags\Around;
use ZincPane\Core\Snags\Pages\HeavyPage;
use ZincPane\Core\Snags\Standing;

/** What a gallery stands on, and what there is beside it. */
final readonly class SurroundingsOf
{
    /** Seconds that what a gallery weighs is kept. */
    private const KEPT = 86_400;

    public function __construct(private LinksOfSite $links, private Cache $cache)
    {
    }

    public function of(Gallery $gallery, Site $site): Around
    {
        $style = PageStyle::read($site->stylesheet);
        $onEvery = array_filter($site->framePanes(), static fn (Pane $pane): bool => $pane->gallery_id === $gallery->id) !== [];
        $pages = [];
        foreach ($site->pages as $page) {
            if ($page->panes->contains('gallery_id', $gallery->id)) {
                $pages[] = $this->standing($gallery, $page, $site);
            }
        }

        return new Around($pages, array_values($site->pages->map(static fn (Page $page): string => $page->address())->all()), $style->text, $style->ground, $onEvery || $pages !== [] || $gallery->edition_id !== null);
    }

    private function standing(Gallery $gallery, Page $page, Site $site): Standing
    {
        $id = $gallery->design->finish->own->id;
        $others = Gallery::query()->whereKey($page->panes->pluck('gallery_id')->all())->whereKeyNot($gallery->id)->get();
        $isTaken = $id !== '' && (OwnIds::isOn($page, $id) || $others->contains(static fn (Gallery $other): bool => $other->design->finish->own->id === $id));

        return new Standing(
            $page->id, $page->title, $this->links->isFound($page->toCore(), $site->asSaved()),
            $isTaken ? $id : null, (int) $others->sum(fn (Gallery $other): int => $this->weight($other, $site)),
        );
    }

    /** Bytes that a gallery weighs on a phone; what did not change is weighed once. */
    private function weight(Gallery $gallery, Site $site): int
    {
        $stamp = GalleryStamp::of($gallery);
        $known = $this->cache->get("weight:{$gallery->id}");
        if (is_array($known) && $known[0] === $stamp && is_int($known[1])) {
            return $known[1];
        }
        $drawn = Drafts::of($gallery);
        $viewports = Viewports::at(Places::of($gallery, $site)->within($drawn->design->finish->ground->sides()));
        $bytes = HeavyPage::fetched((new Candidates($drawn->design, $drawn->subjects(), $drawn->largePlaces(), $viewports->wide, $viewports->phone, $drawn->parts()))->of([]));
        $this->cache->put("weight:{$gallery->id}", [$stamp, $bytes], self::KEPT);

        return $bytes;
    }
}
