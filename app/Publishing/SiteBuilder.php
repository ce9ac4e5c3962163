<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Page;
use App\Models\Site;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Markup\Fragment;

/**
 * Writes the whole public site, from editions only, as files by path.
 *
 * @phpstan-import-type PaneState from SiteState
 * @phpstan-import-type PageState from SiteState
 */
final readonly class SiteBuilder
{
    public function __construct(private VisitorScript $script)
    {
    }

    /**
     * @param  array<string, PageState>  $state  by page id
     * @param  array<string, GalleryRenderer>  $editions  of live galleries, by gallery id
     * @return array<string, string> contents by path
     */
    public function build(Site $site, array $state, array $editions): array
    {
        $style = 'assets/site-'.substr(hash('sha256', $site->stylesheet), 0, 12).'.css';
        $script = 'assets/'.$this->script->fingerprinted();
        $files = [
            $style => $site->stylesheet,
            $script => $this->script->contents(),
            'embed.js' => $this->script->contents(),
        ];
        $composer = new PageComposer($site, "/{$style}", "/{$script}");
        $menu = self::menu($site);
        foreach ($site->pages as $page) {
            $files["pages/{$page->slug}.html"] = $composer->compose($page, $menu, $this->panes($state[$page->id]['panes'] ?? [], $site, $editions));
        }
        foreach ($editions as $id => $edition) {
            $files["embed/{$id}.json"] = ScriptEmbed::contents($edition);
        }

        return $files;
    }

    /**
     * @return list<array{page: Page, label: string}>
     */
    public static function menu(Site $site): array
    {
        $menu = [];
        foreach ($site->pages as $page) {
            if ($page->menu_label !== null) {
                $menu[] = ['page' => $page, 'label' => $page->menu_label];
            }
        }

        return $menu;
    }

    /** The identifier of a pane in markup: its own on the page, letters and digits. */
    public static function paneId(string $id): string
    {
        return strtolower(substr($id, -12));
    }

    /**
     * @param  list<PaneState>  $placed
     * @param  array<string, GalleryRenderer>  $editions
     * @return array<int, list<Fragment>> by spot
     */
    private function panes(array $placed, Site $site, array $editions): array
    {
        $panes = [];
        foreach ($placed as $pane) {
            if (isset($editions[$pane['gallery']])) {
                $size = isset($pane['tile_size']) ? TileSize::of($pane['tile_size']) : null;
                $panes[$pane['spot']][] = $editions[$pane['gallery']]->sized($size)->fragment(self::paneId($pane['id']), $site->contentWidth());
            }
        }

        return $panes;
    }
}
