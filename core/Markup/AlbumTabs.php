<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Layout\Section;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Phrases\Phrases;

/**
 * Albums or pages one at a time, without a script: radio buttons, and rules that look which one is chosen.
 * A browser that cannot look shows all albums.
 */
final readonly class AlbumTabs
{
    /**
     * @param  string  $id  of the gallery
     */
    public function __construct(private string $id, private Phrases $phrases)
    {
    }

    /**
     * @param  non-empty-list<Section>  $sections
     */
    public function chooser(array $sections): Element
    {
        $chooser = Element::of('div', ['class' => 'zp-tabs', 'role' => 'radiogroup', 'aria-label' => $sections[0]->page === null ? $this->phrases->say('albums') : $this->phrases->say('pages')]);
        foreach ($sections as $number => $section) {
            $chooser->add(Element::of('label')->add(
                Element::of('input', ['type' => 'radio', 'name' => "zp-{$this->id}", 'id' => $this->inputId($number), 'checked' => $number === 0]),
                Element::of('span')->text($section->page === null ? $section->name ?? $this->phrases->say('more') : (string) $section->page),
            ));
        }

        return $chooser;
    }

    /**
     * @param  Css  $pane  selector of the gallery
     * @param  list<Section>  $sections
     */
    public function css(Css $pane, array $sections): Css
    {
        $css = [Css::of(
            '{s} .zp-tabs{display:flex;flex-wrap:wrap;gap:6px 18px;margin:0 0 16px;padding:0;border:0}'
            .'{s} .zp-tabs label{display:block;position:relative;margin:0;cursor:pointer}'
            .'{s} .zp-tabs input{position:absolute;inset:0;width:100%;height:100%;margin:0;opacity:0;cursor:inherit}'
            .'{s} .zp-tabs span{display:block;padding:8px 2px;border-bottom:3px solid transparent}'
            .'{s} .zp-tabs input:checked+span{border-color:currentColor;font-weight:600}'
            .'{s} .zp-tabs input:focus-visible+span{outline:3px solid Highlight;outline-offset:2px}'
            .'@media print{{s} .zp-tabs{display:none}}',
            ['s' => $pane],
        )];
        foreach (array_keys($sections) as $number) {
            $css[] = Css::of('@media screen{{s}:has(#{input}:not(:checked)) .zp-a{n}{display:none}}', ['s' => $pane, 'input' => Css::identifier($this->inputId($number)), 'n' => $number]);
        }

        return Css::all(...$css);
    }

    private function inputId(int $number): string
    {
        return "zp-{$this->id}-tab{$number}";
    }
}
