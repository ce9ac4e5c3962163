<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Sizes;
use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Finish\ArrivalWay;
use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Finish\Lanes;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Layout\DriftLanes;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Markup\Finish\DriftCss;
use ZincPane\Core\Markup\Finish\FinishCss;
use ZincPane\Core\Markup\Finish\FontCss;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Viewer\ClickAct;
use ZincPane\Core\Viewer\HintPlace;

/**
 * Writes a gallery as plain HTML and CSS that lay themselves out without a script; each tile
 * is a link to the large picture. Proof, page and embed all come from here.
 */
final readonly class GalleryMarkup
{
    /** px of width that the picture on the ground has at least, where it has so many. */
    private const GROUND = 1600;

    private LayoutDesign $layout;

    private FinishDesign $finish;

    /** Of what is inside its margin, line and padding. */
    private ContentWidth $content;

    private bool $tabs;

    private Phrases $phrases;

    /**
     * @param  string  $id  letters, digits and hyphens, its own on the page; part of every selector
     * @param  non-empty-list<Section>  $sections  of the gallery
     * @param  ContentWidth  $content  of the place where it stands
     * @param  bool  $isProof  pictures are measured by the browser, so that nothing but the style follows the layout
     * @param  ?Phrases  $phrases  of the page's language; null for English
     */
    public function __construct(
        private string $id,
        private FrozenGallery $gallery,
        private array $sections,
        ContentWidth $content,
        private Addresses $addresses,
        private bool $isProof = false,
        ?Phrases $phrases = null,
    ) {
        $this->phrases = $phrases ?? Phrases::in(Phrases::DEFAULT);
        $this->layout = $gallery->design->layout;
        $this->finish = $gallery->design->finish;
        $this->content = $content->within($this->finish->ground->sides());
        $this->tabs = count($sections) > 1 && ($gallery->albums->view === AlbumView::Tabs || $sections[0]->page !== null);
    }

    public function render(): Fragment
    {
        return new Fragment($this->id, $this->html(), $this->css(), FontCss::file($this->finish->lettersInUse()), $this->finish->arrival->way !== ArrivalWay::None);
    }

    public function html(): string
    {
        $viewer = new ViewerData($this->gallery, new Leads($this->gallery, $this->addresses), $this->phrases);
        $about = $this->gallery->about;
        $own = $this->finish->own;
        $root = Element::of('div', [
            'class' => rtrim("zp zp-{$this->id} {$own->classes}"), 'id' => $own->id === '' ? null : $own->id, 'data-zinc-pane' => true,
            ...$this->viewerData($viewer),
            'data-arrival' => $this->finish->arrival->way === ArrivalWay::None ? null : $this->finish->arrival->times->value,
        ]);
        if ($about->showsTitle) {
            $root->add(Element::of('h2', ['class' => 'zp-title'])->text($about->title));
        }
        if ($about->showsDescription && $about->description !== '') {
            $root->add(Element::of('p', ['class' => 'zp-about'])->text($about->description));
        }
        $above = $this->hint(HintPlace::Above);
        $above === null ?: $root->add($above);
        if ($this->tabs) {
            $root->add((new AlbumTabs($this->id, $this->phrases))->chooser($this->sections));
        }
        $tiles = new TileMarkup($this->id, $this->gallery, $this->content, $this->addresses, $this->phrases, $viewer);
        foreach ($this->sections as $number => $section) {
            $root->add($this->section($section, $number, $tiles));
        }
        $below = $this->hint(HintPlace::Below);
        $below === null ?: $root->add($below);

        return (string) $root;
    }

    public function css(): string
    {
        $pane = Css::of('.{class}', ['class' => Css::identifier("zp-{$this->id}")]);
        $css = [(new FrameCss($pane, $this->layout, $this->finish))->render($this->gallery->about, $this->gallery->items, count($this->sections))];
        $name = Css::identifier($this->id);
        $finish = new FinishCss($pane, $name, $this->finish, $this->addresses, $this->groundAddress());
        $css[] = $finish->render();
        if ($this->tabs) {
            $css[] = (new AlbumTabs($this->id, $this->phrases))->css($pane, $this->sections);
        }
        foreach ($this->sections as $number => $section) {
            $css[] = (new SectionCss($pane, $number, $this->layout, $section->of($this->gallery->items), $section->arrangement, $this->content->greatest()))->render();
            $css[] = (new DriftCss(Css::of('{pane} .zp-d{n}', ['pane' => $pane, 'n' => $number]), Css::of('{pane} .zp-s{n}', ['pane' => $pane, 'n' => $number]), Css::of('{name}-{n}', ['name' => $name, 'n' => $number]), $this->finish->drift, $this->layout, $section->arrangement))->render();
        }

        $hint = $this->gallery->design->viewer->click->hint;
        $hint === HintPlace::None ?: $css[] = HintCss::of($pane, $hint, $this->hintSays());

        return (string) Css::all(...[...$css, $finish->own()]);
    }

    /**
     * What the script has to know; nothing where it has nothing to do.
     *
     * @return array<string, ?string> attributes
     */
    private function viewerData(ViewerData $data): array
    {
        $ofGallery = $data->ofGallery();
        $isMoved = $this->layout->kind->isStrip();

        return ['data-viewer' => $ofGallery, 'data-phrases' => $ofGallery === null && ! $isMoved ? null : $data->phrases()];
    }

    /** What the HTML follows of the layout, besides what the gallery holds: with the same, and the same items, it is the same. */
    public function shapeOfHtml(): string
    {
        $layout = $this->layout;

        return json_encode([
            $this->id, $this->gallery->about->toArray(), $this->tabs, $layout->kind->isStrip() ? [$layout->kind, $layout->seconds] : null, $this->finish->captions->htmlFollows(), $this->finish->own->id, $this->finish->own->classes, $this->finish->arrival, $this->drifts(), $layout->initialView, $this->gallery->design->viewer,
            array_map(static fn (Section $section): array => [$section->name, $section->page, count($section->places), $section->page === null ? null : $section->places], $this->sections),
            $this->gallery->albums->toArray(), $this->gallery->inAlbums,
        ], JSON_THROW_ON_ERROR);
    }

    private function drifts(): bool
    {
        return DriftLanes::inForce($this->layout->kind, $this->finish->drift->lanes) !== Lanes::None;
    }

    /** Of the picture that the gallery stands on, where it has one and it is there. */
    private function groundAddress(): ?string
    {
        $ground = $this->gallery->ground;
        $file = $ground?->smallest(self::GROUND);

        return $ground === null || $file === null ? null : $this->addresses->of($ground->addressOf($file));
    }

    private function section(Section $section, int $number, TileMarkup $tiles): Element
    {
        $list = $this->list($section, $number, $tiles);
        $more = $this->layout->initialView === InitialView::Rows && ! $this->layout->kind->isStrip() ? $this->more(count($section->places)) : null;
        if ($section->name === null && ! $this->tabs && $more === null) {
            return $list;
        }
        $whole = Element::of('div', ['class' => "zp-album zp-a{$number}"]);
        if ($section->name !== null && ! $this->tabs) {
            // Under the gallery's own title where that is shown, else in its place.
            $whole->add(Element::of($this->gallery->about->showsTitle ? 'h3' : 'h2', ['class' => 'zp-name'])->text($section->name));
        }
        $whole->add($list);

        return $more === null ? $whole : $whole->add($more);
    }

    private function list(Section $section, int $number, TileMarkup $tiles): Element
    {
        $name = $section->name ?? $this->gallery->about->title;
        $isStrip = $this->layout->kind->isStrip();
        $list = Element::of('ul', [
            'class' => "zp-tiles zp-s{$number}", 'role' => 'list', 'aria-label' => $section->page === null ? $name : $this->phrases->say('page', ['t' => $name, 'n' => $section->page]),
            'data-strip' => $isStrip ? $this->layout->kind->value : null,
            'data-seconds' => $this->layout->kind === LayoutKind::Slideshow && $this->layout->seconds > 0 ? $this->layout->seconds : null,
            // What is scrolled must be reached by keyboard.
            'tabindex' => $isStrip ? 0 : null,
        ]);
        $sizes = $this->isProof ? null : new Sizes($section->arrangement, $this->content, $this->layout->objectFitInForce() === ObjectFit::Cover);
        foreach ($section->of($this->gallery->items) as $i => $item) {
            $list->add($tiles->tile($item, $i, $section->places[$i], $sizes?->of($i, $item->ratio())));
        }

        return $this->drifts() ? Element::of('div', ['class' => "zp-drift zp-d{$number}"])->add($list) : $list;
    }

    /** Opens and closes what is hidden at first, without a script; shown only in bands where something is. */
    private function more(int $count): Element
    {
        return Element::of('details', ['class' => 'zp-all'])->add(Element::of('summary')->add(
            Element::of('span', ['class' => 'zp-open'])->text($this->phrases->say('show_all', ['n' => $count])),
            Element::of('span', ['class' => 'zp-close'])->text($this->phrases->say('show_fewer')),
        ));
    }

    private function hint(HintPlace $place): ?Element
    {
        $click = $this->gallery->design->viewer->click;

        return $click->hint === $place ? Element::of('p', ['class' => 'zp-hint'])->text($this->hintSays()) : null;
    }

    private function hintSays(): string
    {
        $click = $this->gallery->design->viewer->click;

        return $click->hintSays !== '' ? $click->hintSays : $this->phrases->say(match ($click->act) {
            ClickAct::Large, ClickAct::Nothing => 'hint_large',
            ClickAct::Place => 'hint_place',
            ClickAct::Page => 'hint_page',
            default => 'hint_other',
        });
    }
}
