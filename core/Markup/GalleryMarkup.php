<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Sizes;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Finish\ArrivalWay;
use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Finish\Lanes;
use ZincPane\Core\Layout\DriftLanes;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Markup\Finish\DriftCss;
use ZincPane\Core\Markup\Finish\FinishCss;
use ZincPane\Core\Markup\Finish\FontCss;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Phrases\Phrases;

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

    private Around $around;

    private Phrases $phrases;

    /**
     * @param  string  $id  letters, digits and hyphens, its own on the page; part of every selector
     * @param  non-empty-list<Section>  $sections  of the gallery
     * @param  ContentWidth  $content  of the place where it stands
     * @param  ?Phrases  $phrases  of the page's language; null for English
     */
    public function __construct(
        private string $id,
        private FrozenGallery $gallery,
        private array $sections,
        ContentWidth $content,
        private Addresses $addresses,
        private Purpose $purpose = Purpose::Live,
        ?Phrases $phrases = null,
    ) {
        $this->phrases = $phrases ?? Phrases::in(Phrases::DEFAULT);
        $this->layout = $gallery->design->layout;
        $this->finish = $gallery->design->finish;
        $this->content = $content->within($this->finish->ground->sides());
        $this->around = new Around($id, $gallery, $sections, $this->phrases);
    }

    public function render(): Fragment
    {
        return new Fragment($this->id, $this->html(), $this->css(), FontCss::file($this->finish->lettersInUse()), $this->finish->arrival->way !== ArrivalWay::None);
    }

    public function html(): string
    {
        $leads = new Leads($this->gallery, $this->addresses);
        $viewer = $this->purpose === Purpose::Plain ? null : new ViewerData($this->gallery, $leads, $this->phrases);
        $own = $this->finish->own;
        $root = Element::of('div', [
            'class' => rtrim("zp zp-{$this->id} {$own->classes}"), 'id' => $own->id === '' ? null : $own->id, 'data-zinc-pane' => true,
            ...($viewer === null ? [] : $this->viewerData($viewer)),
            'data-arrival' => $viewer === null || $this->finish->arrival->way === ArrivalWay::None ? null : $this->finish->arrival->times->value,
        ]);
        $tiles = new TileMarkup($this->id, $this->gallery, $leads, $viewer, $this->addresses, $this->phrases);

        return (string) $this->around->fill($root, fn (Section $section, int $number): Element => $this->list($section, $number, $tiles));
    }

    public function css(): string
    {
        $pane = $this->purpose->selector("zp-{$this->id}");
        $css = [$this->purpose === Purpose::Plain ? Css::of('{s},{s} *,{s} ::before,{s} ::after{all:revert}', ['s' => $pane]) : Css::none(), (new FrameCss($pane, $this->layout, $this->finish))->render($this->gallery->about, $this->gallery->items, count($this->sections))];
        $name = Css::identifier($this->id);
        $finish = new FinishCss($pane, $name, $this->finish, $this->addresses, $this->groundAddress());
        $css[] = $finish->render();
        $css[] = $this->around->tabsCss($pane);
        foreach ($this->sections as $number => $section) {
            $css[] = (new SectionCss($pane, $number, $this->layout, $section->of($this->gallery->items), $section->arrangement, $this->content->greatest()))->render();
            $css[] = (new DriftCss(Css::of('{pane} .zp-d{n}', ['pane' => $pane, 'n' => $number]), Css::of('{pane} .zp-s{n}', ['pane' => $pane, 'n' => $number]), Css::of('{name}-{n}', ['name' => $name, 'n' => $number]), $this->finish->drift, $this->layout, $section->arrangement))->render();
        }

        return (string) Css::all(...[...$css, $this->around->hintCss($pane), $finish->own()]);
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
            $this->id, $this->gallery->about->toArray(), $this->around->hasTabs, $layout->kind->isStrip() ? [$layout->kind, $layout->seconds] : null, $this->finish->captions->htmlFollows(), $this->finish->own->id, $this->finish->own->classes, $this->finish->arrival, $this->drifts(), $layout->initialView, $this->gallery->design->viewer,
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
        $isProof = $this->purpose === Purpose::Proof;
        $sizes = new Sizes($section->arrangement, $this->content, $this->layout->objectFitInForce() === ObjectFit::Cover);
        foreach ($section->of($this->gallery->items) as $i => $item) {
            // A browser measures the tile, not what is cut off of a picture.
            $mayMeasure = ($isProof || ! $this->content->isKnown()) && ! $sizes->cuts($i, $item->ratio());
            $list->add($tiles->tile($item, $i, $section->places[$i], $mayMeasure && $isProof ? null : $sizes->of($i, $item->ratio()), $mayMeasure));
        }

        return $this->drifts() ? Element::of('div', ['class' => "zp-drift zp-d{$number}"])->add($list) : $list;
    }
}
