<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Body;
use App\Models\Page;
use App\Models\Site;
use App\Publishing\TakeOffline;
use ZincPane\Core\Site\Menu;
use ZincPane\Core\Site\Page as CorePage;
use ZincPane\Core\Site\PageAddress;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\Parts;
use ZincPane\Core\Site\PartsMerge;
use ZincPane\Core\Site\SiteException;

/** Makes pages, renames them, orders the menu, and takes pages off. */
final readonly class PagesOfSite
{
    public function __construct(private SiteJournal $journal, private TakeOffline $offline)
    {
    }

    /**
     * @param  array{title: string, address?: ?string, menu_label?: ?string, parent?: ?string}  $told
     *
     * @throws SiteException when something of it cannot be
     */
    public function create(array $told, ?string $userId): Page
    {
        return $this->journal->act($userId, function () use ($told): Page {
            $site = Site::query()->firstOrFail();
            $title = CorePage::checkedTitle($told['title']);
            $taken = self::taken(null);
            $label = CorePage::checkedLabel($told['menu_label'] ?? null);

            $page = $site->pages()->create([
                'title' => $title,
                'slug' => isset($told['address']) ? PageAddress::checked($told['address'], $taken) : PageAddress::of($title, $taken),
                'menu_label' => $label,
                'parent_id' => $told['parent'] ?? null,
                'position' => Page::lastPosition() + 1,
                'body' => Body::ofParts(Parts::of([new Part('h1', PartKind::Heading, e($title), 1)])),
            ]);
            $this->checkMenu();

            return $page;
        });
    }

    /**
     * @param  array{title?: string, address?: ?string, menu_label?: ?string, comments?: bool}  $told  only what changes
     *
     * @throws SiteException when something of it cannot be
     */
    public function change(Page $page, array $told, ?string $userId): void
    {
        $this->journal->act($userId, function () use ($page, $told): void {
            $new = [];
            if (array_key_exists('title', $told)) {
                $new['title'] = CorePage::checkedTitle($told['title']);
            }
            if (array_key_exists('menu_label', $told)) {
                $new['menu_label'] = CorePage::checkedLabel($told['menu_label']);
            }
            if (array_key_exists('comments', $told)) {
                $new['comments'] = $told['comments'];
            }
            if (array_key_exists('address', $told) && $told['address'] !== $page->slug) {
                $new['slug'] = $page->slug === PageAddress::HOME ? throw SiteException::homeStays() : PageAddress::checked($told['address'], self::taken($page->id));
            }
            $page->update($new);
            if (array_key_exists('menu_label', $new) && $new['menu_label'] === null) {
                // What stood below it comes up to where it was.
                Page::query()->where('parent_id', $page->id)->update(['parent_id' => $page->parent_id]);
            }
        });
    }

    /**
     * All pages in their order, each with the one that it stands below.
     *
     * @param  list<array{id: string, parent: ?string}>  $order
     *
     * @throws SiteException when one would stand below itself, or below one that is not in the menu
     */
    public function order(array $order, ?string $userId): void
    {
        $this->journal->act($userId, function () use ($order): void {
            $pages = Site::whole()->asSaved()->pages;
            if (array_diff(array_keys($pages), array_column($order, 'id')) !== [] || count($order) !== count($pages)) {
                throw SiteException::notAllPages();
            }
            Menu::checked(array_values($pages), $order);
            foreach ($order as $position => ['id' => $id, 'parent' => $parent]) {
                Page::query()->whereKey($id)->update(['position' => $position, 'parent_id' => $parent]);
            }
        });
    }

    /**
     * For visitors too, at once. It can be undone; then it is put live again by whoever wants it so.
     *
     * @throws SiteException when it is the page at the root
     */
    public function remove(Page $page, ?string $userId): void
    {
        if ($page->slug === PageAddress::HOME) {
            throw SiteException::homeStays();
        }
        $this->journal->act($userId, static function () use ($page): void {
            Page::query()->where('parent_id', $page->id)->update(['parent_id' => $page->parent_id]);
            $page->delete();
        });
        $this->offline->page($page->id);
    }

    /**
     * The words of a page of the site itself; galleries on it stay behind the parts that they stood behind.
     *
     * @param  mixed  $parts  from outside
     * @param  string  $seen  what the person saw, as body()
     *
     * @throws SiteException when they are none, or the page was brought in
     * @throws StalePageException when somebody else wrote the same part of it in the meantime
     */
    public function write(Page $page, mixed $parts, string $seen, ?string $userId): void
    {
        $this->journal->act($userId, function () use ($page, $parts, $seen): void {
            $page = Page::query()->with('content')->findOrFail($page->id);
            if ($page->isBroughtIn()) {
                throw SiteException::notOwnWords();
            }
            $before = Body::called($page->body)->parts();
            $after = Parts::parse($parts, CleanPart::html(...))->keeping($before);
            $after = $page->body === $seen ? $after : $this->together($page->title, $seen, $after, $before);
            $page->update(['body' => Body::ofParts($after)]);
            foreach ($page->panes()->get() as $pane) {
                $pane->update(['spot' => $before->movedSpot($pane->spot, $after)]);
            }
        });
    }

    /**
     * @throws StalePageException when both wrote the same part, or nobody knows any more what was seen
     */
    private function together(string $title, string $seen, Parts $mine, Parts $theirs): Parts
    {
        $base = Body::query()->find($seen) ?? throw StalePageException::of($title);
        $merge = PartsMerge::of($base->parts(), $mine, $theirs);

        return $merge->clashes === [] ? $merge->parts : throw StalePageException::both($title, $merge->clashes);
    }

    private function checkMenu(): void
    {
        $pages = Site::whole()->asSaved()->pages;
        Menu::checked(array_values($pages), array_values(array_map(static fn (CorePage $page): array => ['id' => $page->id, 'parent' => $page->parent], $pages)));
    }

    /**
     * @return array<string, string> titles by address
     */
    public static function taken(?string $but): array
    {
        /** @var array<string, string> */
        return Page::query()->whereKeyNot($but ?? '')->pluck('title', 'slug')->all();
    }
}
