<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\LockedParts;
use ZincPane\Core\Site\MenuEntry;

/** Puts a page of the site together: shell, menu, blocks, and panes between the blocks. */
final readonly class PageComposer
{
    /**
     * @param  string  $stylesheet  address of the site's style sheet
     * @param  string  $script  element that runs the visitors' script; empty for none
     * @param  string  $arrival  element that runs what tiles need that arrive, on pages that have some; empty for none
     * @param  string  $style  element with the style sheet itself, in place of its address
     */
    public function __construct(private Site $site, private string $stylesheet, private string $script, private string $arrival = '', private string $style = '')
    {
    }

    /**
     * @param  list<MenuEntry>  $menu
     * @param  (callable(int): string)|null  $marker  HTML to show at each spot, in the studio
     */
    public function compose(Composed $page, array $menu, ?callable $marker = null): string
    {
        $body = self::html($page->above);
        for ($spot = 0; $spot <= count($page->blocks); $spot++) {
            $body .= $spot > 0 ? $page->blocks[$spot - 1]."\n" : '';
            $body .= $marker === null ? '' : $marker($spot);
            $body .= self::html($page->panes[$spot] ?? []);
        }
        $body .= $page->end.self::html($page->below);
        $all = [...$page->above, ...array_merge([], ...$page->panes), ...$page->below];

        return strtr($this->site->shell, [
            '{{title}}' => Element::escaped($page->title),
            '{{site}}' => Element::escaped($this->site->name),
            '{{head}}' => $this->headOf($all, $page->css).$page->head,
            '{{menu}}' => $this->menu($page->path, $menu),
            '{{content}}' => $body,
        ]);
    }

    /**
     * The element that runs a script once the page was read.
     *
     * @param  ?string  $viewer  address of the large view, for the script that fetches it when it is asked for
     */
    public static function run(string $script, ?string $viewer = null): string
    {
        return (string) Element::of('script', ['src' => $script, 'defer' => true, 'data-viewer' => $viewer]);
    }

    /**
     * What the head of a page has for the galleries on it.
     *
     * @param  list<Fragment>  $panes
     */
    private function headOf(array $panes, string $css): string
    {
        return self::preloads($panes).($this->style === '' ? Element::of('link', ['rel' => 'stylesheet', 'href' => $this->stylesheet]) : $this->style)
            .($css === '' ? '' : "<style>{$css}</style>").self::styles($panes).$this->script.(self::arrives($panes) ? $this->arrival : '');
    }

    /**
     * @param  list<Fragment>  $panes
     */
    private static function html(array $panes): string
    {
        return implode('', array_map(static fn (Fragment $pane): string => $pane->html."\n", $panes));
    }

    /**
     * The CSS comes from the core, which writes numbers and names of its own only.
     *
     * @param  list<Fragment>  $panes
     */
    public static function styles(array $panes): string
    {
        return implode('', array_map(static function (Fragment $pane): string {
            $style = "<style data-zinc-pane=\"{$pane->id}\">{$pane->css}</style>";

            return $pane->lock === null ? $style : LockedParts::around($pane->lock, $style, '');
        }, $panes));
    }

    /**
     * @param  list<Fragment>  $panes
     */
    public static function arrives(array $panes): bool
    {
        return array_filter($panes, static fn (Fragment $pane): bool => $pane->arrives) !== [];
    }

    /**
     * Letters are asked for before the browser finds out that it needs them.
     *
     * @param  list<Fragment>  $panes
     */
    public static function preloads(array $panes): string
    {
        $fonts = array_filter(array_map(static fn (Fragment $pane): ?string => $pane->font, $panes), static fn (?string $font): bool => $font !== null);

        return implode('', array_map(static fn (string $font): string => (string) Element::of('link', ['rel' => 'preload', 'href' => $font, 'as' => 'font', 'type' => 'font/woff2', 'crossorigin' => true]), array_unique($fonts)));
    }

    /**
     * @param  list<MenuEntry>  $entries
     */
    private function menu(string $path, array $entries): Element
    {
        $list = Element::of('ul');
        foreach ($entries as $entry) {
            $item = Element::of('li')->add(Element::of('a', [
                'href' => $entry->page->path(),
                'aria-current' => $entry->page->path() === $path ? 'page' : null,
            ])->text($entry->label));
            $list->add($entry->below === [] ? $item : $item->add($this->menu($path, $entry->below)));
        }

        return $list;
    }
}
