<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Page;
use App\Models\Pane;
use App\Models\Site;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Phrases\Phrases;

/**
 * Writes the whole public site, from editions only, as files by path.
 *
 * @phpstan-import-type PaneState from SiteState
 * @phpstan-import-type PageState from SiteState
 */
final readonly class SiteBuilder
{
    public function __construct(private VisitorScript $script, private Painter $painter, private ScriptEmbed $embed, private PicturePages $pictures, private Languages $languages)
    {
    }

    /**
     * @param  array<string, PageState>  $state  by page id
     * @param  array<string, FrozenGallery>  $editions  of live galleries, by gallery id
     * @return array<string, string> contents by path
     */
    public function build(Site $site, array $state, array $editions): array
    {
        $addresses = Addresses::rooted();
        $style = 'assets/site-'.substr(hash('sha256', $site->stylesheet), 0, 12).'.css';
        $script = 'assets/'.$this->script->fingerprinted();
        $viewer = 'assets/'.$this->script->viewer()->fingerprinted();
        $arrival = 'assets/'.$this->script->arrival()->fingerprinted();
        $files = [
            $style => $site->stylesheet,
            $script => $this->script->contents(),
            $viewer => $this->script->viewer()->contents(),
            $arrival => $this->script->arrival()->contents(),
            'embed.js' => $this->script->contents(),
            'viewer.js' => $this->script->viewer()->contents(),
            'arrival.js' => $this->script->arrival()->contents(),
        ];
        $run = static fn (string $path, ?string $viewer = null): string => (string) Element::of('script', ['src' => $addresses->of($path), 'defer' => true, 'data-viewer' => $viewer]);
        $composer = new PageComposer($site, $addresses->of($style), $run($script, $addresses->of($viewer)), $run($arrival));
        $menu = self::menu($site);
        $placed = self::placed($site);
        foreach ($site->pages as $page) {
            $files["pages/{$page->slug}.html"] = $composer->compose($page, $menu, $this->panes($state[$page->id]['panes'] ?? [], $placed, $site, $editions));
        }
        $files[LiveFiles::MISSING] = $composer->compose(self::missing($site), $menu, []);
        foreach ($editions as $id => $edition) {
            foreach ($this->languages->all() as $phrases) {
                $files["embed/{$id}.{$phrases->tag}.json"] = $this->embed->contents($edition, $phrases);
            }
            // For scripts that were fetched before there was more than one language.
            $files["embed/{$id}.json"] = $files["embed/{$id}.".Phrases::DEFAULT.'.json'];
            $files += $this->pictures->of($site, $composer, $menu, $edition, $state, $id);
        }

        return $files;
    }

    /** What visitors get for an address that leads nowhere. */
    private static function missing(Site $site): Page
    {
        $phrases = $site->phrases();
        $title = $phrases->say('missing');
        $home = Element::of('a', ['href' => '/'])->text($phrases->say('missing_on'));

        return new Page(['slug' => '-', 'title' => $title, 'blocks' => [(string) Element::of('h1')->text($title), "<p>{$home}</p>"]]);
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

    /**
     * @return array<string, Pane> by identifier
     */
    private static function placed(Site $site): array
    {
        $placed = [];
        foreach ($site->pages as $page) {
            foreach ($page->panes as $pane) {
                $placed[$pane->id] = $pane;
            }
        }

        return $placed;
    }

    /** The identifier of a pane in markup: its own on the page, letters and digits. */
    public static function paneId(string $id): string
    {
        return strtolower(substr($id, -12));
    }

    /**
     * @param  list<PaneState>  $live
     * @param  array<string, Pane>  $placed  as they are saved now
     * @param  array<string, FrozenGallery>  $editions
     * @return array<int, list<Fragment>> by spot
     */
    private function panes(array $live, array $placed, Site $site, array $editions): array
    {
        $panes = [];
        $ids = new OwnIdsOfPage;
        foreach ($live as $pane) {
            if (isset($editions[$pane['gallery']])) {
                $size = isset($pane['tile_size']) ? TileSize::of($pane['tile_size']) : null;
                // A pane that is live, though it was taken away since, stands in the column.
                $width = isset($placed[$pane['id']]) ? $placed[$pane['id']]->contentWidth() : $site->column();
                $panes[$pane['spot']][] = $this->painter->draw($ids->once($editions[$pane['gallery']])->sized($size), self::paneId($pane['id']), $width, Addresses::rooted(), $site->phrases());
            }
        }

        return $panes;
    }
}
