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
     */
    public function __construct(private Site $site, private string $stylesheet, private string $script)
    {
    }

    /**
     * @param  list<array{page: Page, label: string}>  $menu
     * @param  array<int, list<Fragment>>  $panes  by how many blocks stand before them
     * @param  (callable(int): string)|null  $marker  HTML to show at each spot, in the studio
     */
    public function compose(Page $page, array $menu, array $panes, ?callable $marker = null): string
    {
        $css = '';
        $body = '';
        for ($spot = 0; $spot <= count($page->blocks); $spot++) {
            $body .= $spot > 0 ? $page->blocks[$spot - 1]."\n" : '';
            $body .= $marker === null ? '' : $marker($spot);
            foreach ($panes[$spot] ?? [] as $fragment) {
                // The CSS comes from the core, which writes numbers and names of its own only.
                $css .= "<style data-zinc-pane=\"{$fragment->id}\">{$fragment->css}</style>";
                $body .= $fragment->html."\n";
            }
        }

        return strtr($this->site->shell, [
            '{{title}}' => Element::escaped($page->title),
            '{{site}}' => Element::escaped($this->site->name),
            '{{head}}' => $this->head($css),
            '{{menu}}' => $this->menu($page, $menu),
            '{{content}}' => $body,
        ]);
    }

    private function head(string $css): string
    {
        return Element::of('link', ['rel' => 'stylesheet', 'href' => $this->stylesheet]).$css.$this->script;
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
