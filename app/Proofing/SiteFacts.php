<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Actions\ToldAct;
use App\Models\Comment;
use App\Models\CommentState;
use App\Models\Gallery;
use App\Models\Page as PageModel;
use App\Models\Site;
use App\Models\User;
use App\Pages\SiteJournal;
use App\Publishing\Contents;
use App\Publishing\PendingChanges;
use App\Publishing\WordsOfSite;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\SiteState;
use ZincPane\Core\Site\SiteWords;

/** The site as its screens know it: pages, menu, what stands where, what is not live. */
final readonly class SiteFacts
{
    public function __construct(private Contents $contents, private WordsOfSite $words, private PendingChanges $pending, private SiteJournal $journal, private LinksOfSite $links)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function whole(?string $userId): array
    {
        $site = Site::whole();
        $words = $this->words->of($site);
        $saved = $site->asSaved();
        $galleries = [];
        foreach (Gallery::query()->orderBy('title')->with('edition:id,gallery_id,version,created_at')->get() as $gallery) {
            $pending = $this->pending->of($gallery, $site);
            $galleries[] = [
                'id' => $gallery->id, 'title' => $gallery->title, 'version' => $gallery->version, 'is_live' => $gallery->edition_id !== null,
                'changes' => $pending['changes'], 'stands' => in_array($gallery->id, $saved->galleries(), true),
            ];
        }

        return [
            'name' => $site->name,
            'is_live' => $site->live !== null,
            'right_to_left' => $site->isRightToLeft(),
            'undo' => ToldAct::button($this->journal->lastDone(), $userId),
            'redo' => ToldAct::button($this->journal->firstUndone(), $userId),
            'comments' => Comment::query()->where('state', CommentState::Waiting)->count(),
            'galleries' => $galleries,
            'frame' => array_map(fn (Pane $pane): array => $this->pane($pane, null, $words, $site), $saved->frame),
            'gone' => $this->gone($site->asLive(), $saved),
        ];
    }

    /**
     * Pages that visitors have and that are no more, as when the making of one was undone after it went live.
     *
     * @return list<array{id: string, title: string}>
     */
    private function gone(SiteState $live, SiteState $saved): array
    {
        return array_values(array_map(static fn (Page $page): array => ['id' => $page->id, 'title' => $page->title], array_diff_key($live->pages, $saved->pages)));
    }

    /**
     * @return list<array<string, mixed>> in the order of the menu
     */
    public function pages(): array
    {
        $site = Site::whole();
        $words = $this->words->of($site);
        [$saved, $live] = [$site->asSaved(), $site->asLive()];
        $this->contents->fetch([...array_values($saved->pages), ...array_values($live->pages)]);
        $links = $this->links->of($saved);
        $people = User::query()->pluck('name', 'id');

        return array_map(function (Page $page) use ($site, $words, $saved, $live, $links, $people): array {
            $model = $site->pages->find($page->id) ?? new PageModel;
            $before = $live->pages[$page->id] ?? null;
            $isSame = $before !== null && $before->isSameWithoutPanes($page);

            return [
                'id' => $page->id, 'title' => $page->title, 'address' => $page->path(), 'slug' => $page->address, 'menu_label' => $page->label, 'parent' => $page->parent,
                'comments' => $page->comments, 'offline' => $model->is_offline, 'brought_in' => $page->isBroughtIn, 'live' => $before !== null,
                'body' => $page->body, 'parts' => count($this->contents->parts($page)->list ?? []),
                'changes' => $site->live === null || $isSame ? [] : $words->ofPage($before, $page),
                'changed_by' => $model->changed_by === null ? null : ['id' => $model->changed_by, 'name' => $people->get($model->changed_by) ?? 'somebody'],
                'linked_from' => $links[$page->path()] ?? [], 'lost' => $page->panes !== [] && ! $this->links->isFound($page, $saved),
                'panes' => array_map(fn (Pane $pane): array => $this->pane($pane, $page, $words, $site), $page->panes),
            ];
        }, array_values($saved->pages));
    }

    /**
     * @return array<string, mixed>
     */
    private function pane(Pane $pane, ?Page $page, SiteWords $words, Site $site): array
    {
        return [
            'id' => $pane->id, 'gallery_id' => $pane->gallery, 'gallery' => $words->titleOf($pane->gallery), 'spot' => $pane->spot, 'says_spot' => $words->saysSpot($pane, $page),
            'name' => $pane->name, 'says' => $pane->design->says($site->isRightToLeft()), 'place' => $pane->design->toArray(), 'exceptions' => (object) $pane->exceptions->toArray(), 'except' => $pane->except,
        ];
    }
}
