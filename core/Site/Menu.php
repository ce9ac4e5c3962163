<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** The menu of the site as a tree. */
final class Menu
{
    /** Levels at most. */
    public const DEEPEST = 3;

    /**
     * Pages whose parent is not in the menu stand on the first level: none is lost.
     *
     * @param  list<Page>  $pages
     * @return list<MenuEntry>
     */
    public static function of(array $pages): array
    {
        usort($pages, static fn (Page $a, Page $b): int => [$a->position, $a->id] <=> [$b->position, $b->id]);
        $shown = [];
        foreach ($pages as $page) {
            if ($page->label !== null) {
                $shown[$page->id] = $page;
            }
        }
        $below = [];
        foreach ($shown as $page) {
            $below[self::parent($page, $shown) ?? ''][] = $page;
        }

        return self::entries($below, '');
    }

    /**
     * @param  array<string, Page>  $shown
     */
    private static function parent(Page $page, array $shown): ?string
    {
        $seen = [$page->id => true];
        for ($at = $page->parent; $at !== null && isset($shown[$at]); $at = $shown[$at]->parent) {
            // Whoever comes back to where they began would be in no list at all.
            if (isset($seen[$at])) {
                return null;
            }
            $seen[$at] = true;
        }

        return isset($shown[$page->parent]) ? $page->parent : null;
    }

    /**
     * @param  array<string, list<Page>>  $below  by parent
     * @return list<MenuEntry>
     */
    private static function entries(array $below, string $parent): array
    {
        return array_map(static fn (Page $page): MenuEntry => new MenuEntry($page, (string) $page->label, self::entries($below, $page->id)), $below[$parent] ?? []);
    }

    /**
     * An order of all pages, each with the one that it stands below.
     *
     * @param  list<Page>  $pages  as they are
     * @param  list<array{id: string, parent: ?string}>  $order
     *
     * @throws SiteException when one stands below itself, below one that is not in the menu, or too deep
     */
    public static function checked(array $pages, array $order): void
    {
        $labels = $titles = [];
        foreach ($pages as $page) {
            $labels[$page->id] = $page->label;
            $titles[$page->id] = $page->title;
        }
        $parents = array_column($order, 'parent', 'id');
        foreach ($order as ['id' => $id]) {
            $depth = 1;
            for ($at = $parents[$id]; $at !== null; $at = $parents[$at] ?? null) {
                if ($at === $id || $depth > count($order)) {
                    throw SiteException::ownParent($titles[$id] ?? '');
                }
                if (($labels[$at] ?? null) === null || ! array_key_exists($at, $parents)) {
                    throw SiteException::noSuchParent();
                }
                $depth++;
            }
            if ($depth > self::DEEPEST) {
                throw SiteException::tooDeep(self::DEEPEST);
            }
        }
    }
}
