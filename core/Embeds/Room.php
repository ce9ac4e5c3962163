<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Markup\Around;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Finish\DriftCss;
use ZincPane\Core\Markup\Finish\FinishCss;
use ZincPane\Core\Markup\Finish\GroundCss;
use ZincPane\Core\Markup\FrameCss;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Phrases\Phrases;

/**
 * The room that a gallery will take, at every width and without a script, before anything of it has come: its own
 * frame and words around lists that are empty and as high as their tiles will make them.
 */
final readonly class Room
{
    private Around $around;

    /**
     * @param  string  $id  of the gallery on the page; part of every selector
     * @param  non-empty-list<Section>  $sections
     */
    public function __construct(private string $id, private FrozenGallery $gallery, private array $sections, Phrases $phrases)
    {
        $this->around = new Around($id, $gallery, $sections, $phrases);
    }

    public function html(): Element
    {
        return $this->around->fill(
            Element::of('div', ['class' => "zp zp-{$this->id}"]),
            static fn (Section $section, int $number): Element => Element::of('div', ['class' => "zp-tiles zp-s{$number}"]),
        );
    }

    public function css(): Css
    {
        $pane = Css::of('.{class}', ['class' => Css::identifier("zp-{$this->id}")]);
        $design = $this->gallery->design;
        $css = [
            (new FrameCss($pane, $design->layout, $design->finish))->empty($this->gallery->about, count($this->sections)),
            (new GroundCss($pane, $design->finish->ground, null))->render(),
            $this->around->tabsCss($pane),
        ];
        foreach ($this->sections as $number => $section) {
            $list = Css::of('{pane} .zp-s{n}', ['pane' => $pane, 'n' => $number]);
            $heights = new SectionHeights($section, $design->layout);
            array_push($css, $heights->css($list, Css::of('height')), $heights->opener($list));
            $css[] = (new DriftCss($list, $list, Css::none(), $design->finish->drift, $design->layout, $section->arrangement))->room();
        }

        return Css::all(...[...$css, $this->around->hintCss($pane), FinishCss::ownOf($pane, $design->finish)]);
    }
}
