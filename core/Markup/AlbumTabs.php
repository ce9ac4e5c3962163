<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

/**
 * Albums or pages one at a time, without a script: radio buttons, and rules that look which one is chosen.
 * A browser that cannot look shows all albums.
 */
final readonly class AlbumTabs
{
    public function __construct(private string $id)
    {
    }

    /**
     * @param  non-empty-list<Section>  $sections
     */
    public function chooser(array $sections): Element
    {
        $chooser = Element::of('div', ['class' => 'zp-tabs', 'role' => 'radiogroup', 'aria-label' => $sections[0]->page === null ? 'Albums' : 'Pages']);
        foreach ($sections as $number => $section) {
            $chooser->add(Element::of('label')->add(
                Element::of('input', ['type' => 'radio', 'name' => "zp-{$this->id}", 'id' => $this->inputId($number), 'checked' => $number === 0]),
                Element::of('span')->text($section->page === null ? $section->name ?? 'More' : (string) $section->page),
            ));
        }

        return $chooser;
    }

    /**
     * @param  list<Section>  $sections
     */
    public function css(array $sections): string
    {
        $s = ".zp-{$this->id}";
        $css = "{$s} .zp-tabs{display:flex;flex-wrap:wrap;gap:6px 18px;margin:0 0 16px;padding:0;border:0}"
            ."{$s} .zp-tabs label{display:block;position:relative;margin:0;cursor:pointer}"
            ."{$s} .zp-tabs input{position:absolute;inset:0;width:100%;height:100%;margin:0;opacity:0;cursor:inherit}"
            ."{$s} .zp-tabs span{display:block;padding:8px 2px;border-bottom:3px solid transparent}"
            ."{$s} .zp-tabs input:checked+span{border-color:currentColor;font-weight:600}"
            ."{$s} .zp-tabs input:focus-visible+span{outline:3px solid Highlight;outline-offset:2px}";
        foreach (array_keys($sections) as $number) {
            $css .= "{$s}:has(#{$this->inputId($number)}:not(:checked)) .zp-a{$number}{display:none}";
        }

        return $css;
    }

    private function inputId(int $number): string
    {
        return "zp-{$this->id}-tab{$number}";
    }
}
