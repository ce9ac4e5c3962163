<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Sizes;
use ZincPane\Core\Design\AtFirst;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutKind;
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
        $tabs = count($sections) > 1 && ($view === AlbumView::Tabs || $sections[0]->page !== null);
        if ($tabs) {
            $root->add((new AlbumTabs($this->id))->chooser($sections));
        }
        $tiles = new TileMarkup($this->id, array_sum(array_map(static fn (Section $section): int => count($section->items), $sections)), $this->content, $this->design->layout->belowPicture() > 0);
        $css = (new FrameCss($this->id, $this->design->layout))->render($about, $sections);
        $css .= $tabs ? (new AlbumTabs($this->id))->css($sections) : '';
        foreach ($sections as $number => $section) {
            $root->add($this->section($section, $number, $about, $tabs, $tiles));
            $css .= (new SectionCss($this->id, $number, $this->design->layout, $section, $this->content->greatest()))->render();
        }

        return new Fragment($this->id, (string) $root, $css);
    }

    private function section(Section $section, int $number, About $about, bool $tabs, TileMarkup $tiles): Element
    {
        $name = $section->name ?? $about->title;
        $list = Element::of('ul', [
            'class' => "zp-tiles zp-s{$number}", 'role' => 'list', 'aria-label' => $section->page === null ? $name : "{$name}, page {$section->page}",
            'data-line' => $this->design->layout->kind->isLine() ? $this->design->layout->kind->value : null,
            'data-seconds' => $this->design->layout->kind === LayoutKind::Slideshow && $this->design->layout->seconds > 0 ? $this->design->layout->seconds : null,
            // What is scrolled must be reached by keyboard.
            'tabindex' => $this->design->layout->kind->isLine() ? 0 : null,
        ]);
        $layout = $this->design->layout;
        $sizes = new Sizes($section->arrangement, $this->content, $layout->fillingInForce() === Filling::Crop, $layout->belowPicture());
        foreach ($section->items as $i => $item) {
            $list->add($tiles->tile($item, $sizes->of($i, $item->ratio())));
        }
        $more = $this->design->layout->atFirst === AtFirst::Rows && ! $this->design->layout->kind->isLine() ? self::more(count($section->items)) : null;
        if ($section->name === null && ! $tabs && $more === null) {
            return $list;
        }
        $whole = Element::of('div', ['class' => "zp-album zp-a{$number}"]);
        if ($section->name !== null && ! $tabs) {
            // Under the gallery's own title where that is shown, else in its place.
            $whole->add(Element::of($about->showsTitle ? 'h3' : 'h2', ['class' => 'zp-name'])->text($section->name));
        }

        $whole->add($list);

        return $more === null ? $whole : $whole->add($more);
    }

    /** Opens and closes what is hidden at first, without a script; shown only in bands where something is. */
    private static function more(int $count): Element
    {
        return Element::of('label', ['class' => 'zp-all'])->add(
            Element::of('input', ['type' => 'checkbox']),
            Element::of('span', ['class' => 'zp-open'])->text("Show all {$count}"),
            Element::of('span', ['class' => 'zp-close'])->text('Show fewer'),
        );
    }
}
