<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Pane;
use App\Models\Site;

/**
 * Menu and panes as visitors are to see them: the places of one gallery as they are saved now,
 * those of all others as they were live before, so that nobody's half-done work goes out with it.
 *
 * @phpstan-type PaneState array{id: string, gallery: string, spot: int, tile_size?: ?string}
 * @phpstan-type PageState array{title: string, menu_label: ?string, panes: list<PaneState>}
 */
final class SiteState
{
    /**
     * @return array<string, PageState> by page id
     */
    public static function with(Gallery $gallery, Site $site): array
    {
        $state = [];
        foreach ($site->pages as $page) {
            $others = array_filter(
                $site->live[$page->id]['panes'] ?? [],
                static fn (array $pane): bool => $pane['gallery'] !== $gallery->id,
            );
            $own = $page->panes->where('gallery_id', $gallery->id)->map(static fn (Pane $pane): array => [
                'id' => $pane->id, 'gallery' => $pane->gallery_id, 'spot' => $pane->spot, 'tile_size' => $pane->tile_size,
            ])->all();
            $panes = [...$others, ...$own];
            usort($panes, static fn (array $a, array $b): int => [$a['spot'], $a['id']] <=> [$b['spot'], $b['id']]);
            $state[$page->id] = ['title' => $page->title, 'menu_label' => $page->menu_label, 'panes' => $panes];
        }

        return $state;
    }
}
