<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\SiteState;

/** What stands on a page of the site itself: its parts, its galleries, those of every page, its comments. */
final readonly class PageContent
{
    public function __construct(private PlacePainter $painter, private Contents $contents, private PageComments $comments)
    {
    }

    /**
     * @param  callable(string): ?FrozenGallery  $shown  a gallery as it is to be shown; null for not at all
     * @param  ?array<string, ShownPicture>  $pictures  that stand by themselves, by id; null to fetch those of this page
     * @param  (callable(Pane, FrozenGallery): Fragment)|null  $place  draws a gallery in its place; null for as visitors get it
     */
    public function of(Page $page, Site $site, SiteState $state, callable $shown, ?array $pictures = null, ?callable $place = null): Composed
    {
        $ids = new OwnIdsOfPage;
        $place ??= fn (Pane $pane, FrozenGallery $gallery): Fragment => $this->painter->place($pane, $gallery, $site->frame(), $site->phrases());
        $panes = self::drawn($page->panes, $shown, $ids, $place);
        $frame = self::drawn($state->frameOn($page->id), $shown, $ids, $place);
        $blocks = $this->contents->blocks($page, $site->frame(), $pictures ?? $this->contents->pictures([$page]));

        return new Composed($page->title, $page->path(), $blocks, $panes, $frame[0] ?? [], $frame[1] ?? [], $this->contents->css($page, $site->frame()), end: $this->comments->below($page, $site->phrases()));
    }

    /**
     * @param  array<Pane>  $panes
     * @param  callable(string): ?FrozenGallery  $shown
     * @param  callable(Pane, FrozenGallery): Fragment  $place
     * @return array<int, list<Fragment>> by spot
     */
    private static function drawn(array $panes, callable $shown, OwnIdsOfPage $ids, callable $place): array
    {
        $drawn = [];
        foreach ($panes as $pane) {
            $gallery = $shown($pane->gallery);
            if ($gallery !== null) {
                $drawn[$pane->spot][] = $place($pane, $ids->once($gallery));
            }
        }

        return $drawn;
    }
}
