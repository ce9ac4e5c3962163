<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Sizes;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\AlbumView;

/**
 * Writes a gallery as plain HTML and CSS that lay themselves out without a script; each tile
 * is a link to the large picture. Proof, page and embed all come from here.
 */
final readonly class GalleryMarkup
{
    /**
     * @param  string  $id  letters, digits and hyphens, its own on the page; part of every selector
     */
    public function __construct(
        private string $id,
        private GalleryDesign $design,
        private ContentWidth $content,
    ) {
    }

    /**
     * @param  non-empty-list<Section>  $sections
     */
    public function render(About $about, AlbumView $view, array $sections): Fragment
    {
        $root = Element::of('div', ['class' => "zp zp-{$this->id}", 'data-zinc-pane' => true]);
        if ($about->showsTitle) {
            $root->add(Element::of('h2', ['class' => 'zp-title'])->text($about->title));
        }
        if ($about->showsDescription && $about->description !== '') {
            $root->add(Element::of('p', ['class' => 'zp-about'])->text($about->description));
        }
        $tabs = $view === AlbumView::Tabs && count($sections) > 1;
        if ($tabs) {
            $root->add((new AlbumTabs($this->id))->chooser($sections));
        }
        $tiles = new TileMarkup($this->id, array_sum(array_map(static fn (Section $section): int => count($section->items), $sections)), $this->content);
        $css = (new FrameCss($this->id, $this->design->layout))->render($about, $sections);
        $css .= $tabs ? (new AlbumTabs($this->id))->css($sections) : '';
        foreach ($sections as $number => $section) {
            $root->add($this->section($section, $number, $about, $tabs, $tiles));
            $css .= (new GridCss($this->id, $number, $this->design->layout, $section->arrangement))->render($section->items);
        }

        return new Fragment($this->id, (string) $root, $css);
    }

    private function section(Section $section, int $number, About $about, bool $tabs, TileMarkup $tiles): Element
    {
        $name = $section->name ?? $about->title;
        $list = Element::of('ul', ['class' => "zp-tiles zp-s{$number}", 'role' => 'list', 'aria-label' => $name]);
        $sizes = new Sizes($section->arrangement, $this->content, $this->design->layout->filling === Filling::Crop);
        foreach ($section->items as $i => $item) {
            $list->add($tiles->tile($item, $sizes->of($i, $item->ratio())));
        }
        if ($section->name === null && ! $tabs) {
            return $list;
        }
        $whole = Element::of('div', ['class' => "zp-album zp-a{$number}"]);
        if ($section->name !== null && ! $tabs) {
            // Under the gallery's own title where that is shown, else in its place.
            $whole->add(Element::of($about->showsTitle ? 'h3' : 'h2', ['class' => 'zp-name'])->text($section->name));
        }

        return $whole->add($list);
    }
}
