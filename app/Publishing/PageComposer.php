<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Page;
use App\Models\Site;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;

/** Puts a page of the site together: shell, menu, blocks, and panes between the blocks. */
final readonly class PageComposer
{
    /**
     * @param  string  $stylesheet  address of the site's style sheet
     * @param  string  $script  element that runs the visitors' script; empty for none
     * @param  string  $arrival  element that runs what tiles need that arrive, on pages that have some; empty for none
     */
    public function __construct(private Site $site, private string $stylesheet, private string $script, private string $arrival = '')
    {
    }

    /**
     * @param  list<array{page: Page, label: string}>  $menu
     * @param  array<int, list<Fragment>>  $panes  by how many blocks stand before them
     * @param  (callable(int): string)|null  $marker  HTML to show at each spot, in the studio
     * @param  string  $head  elements that its head has besides
     */
    public function compose(Page $page, array $menu, array $panes, ?callable $marker = null, string $head = ''): string
    {
        $css = '';
        $body = '';
        $fonts = [];
        $arrives = false;
        for ($spot = 0; $spot <= count($page->blocks); $spot++) {
            $body .= $spot > 0 ? $page->blocks[$spot - 1]."\n" : '';
            $body .= $marker === null ? '' : $marker($spot);
            foreach ($panes[$spot] ?? [] as $fragment) {
                // The CSS comes from the core, which writes numbers and names of its own only.
                $css .= "<style data-zinc-pane=\"{$fragment->id}\">{$fragment->css}</style>";
                $body .= $fragment->html."\n";
                $fonts[] = $fragment->font;
                $arrives = $arrives || $fragment->arrives;
            }
        }

        return strtr($this->site->shell, [
            '{{title}}' => Element::escaped($page->title),
            '{{site}}' => Element::escaped($this->site->name),
            '{{head}}' => $this->head(self::preloads(array_filter($fonts)), $css).($arrives ? $this->arrival : '').$head,
            '{{menu}}' => $this->menu($page, $menu),
            '{{content}}' => $body,
        ]);
    }

    private function head(string $preloads, string $css): string
    {
        return $preloads.Element::of('link', ['rel' => 'stylesheet', 'href' => $this->stylesheet]).$css.$this->script;
    }

    /**
     * Letters are asked for before the browser finds out that it needs them.
     *
     * @param  array<string>  $fonts  paths of their files
     */
    private static function preloads(array $fonts): string
    {
        return implode('', array_map(static fn (string $font): string => (string) Element::of('link', ['rel' => 'preload', 'href' => $font, 'as' => 'font', 'type' => 'font/woff2', 'crossorigin' => true]), array_unique($fonts)));
    }

    /**
     * @param  list<array{page: Page, label: string}>  $menu
     */
    private function menu(Page $current, array $menu): string
    {
        $list = Element::of('ul');
        foreach ($menu as ['page' => $page, 'label' => $label]) {
            $list->add(Element::of('li')->add(Element::of('a', [
                'href' => $page->address(),
                'aria-current' => $page->is($current) ? 'page' : null,
            ])->text($label)));
        }

        return (string) $list;
    }
}
