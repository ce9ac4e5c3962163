<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\Purpose;
use ZincPane\Core\Markup\Style\Css;

/** The gallery itself, without a script: its style for the head of a page, and its HTML for the body. */
final class HtmlCss implements Embed
{
    /** Attribute that tells a piece, its gallery and what it was when it was copied. */
    public const MARK = 'data-zinc';

    private ?Fragment $drawn = null;

    public function __construct(private readonly EmbedSource $source)
    {
    }

    public function kind(): EmbedKind
    {
        return EmbedKind::HtmlCss;
    }

    /** Both bear the stamp of both: a head of yesterday does not go with a body of today. */
    public function stamp(): string
    {
        return Stamp::of($this->style().$this->fragment()->html);
    }

    public function pieces(): array
    {
        $mark = implode('.', array_filter([$this->source->id, $this->stamp(), (string) $this->source->content->greatest()], static fn (string $fact): bool => $fact !== ''));

        return [
            new Piece('Into the head', (string) Element::of('style', [self::MARK => "head.{$mark}"])->css($this->style())),
            new Piece('Into the body, where the gallery is to stand', (string) Element::of('div', ['class' => $this->place(), self::MARK => "body.{$mark}"])->add(Shadow::wish())->gallery($this->fragment())),
        ];
    }

    public function directives(): array
    {
        $host = $this->source->host;

        return [
            'img-src' => [$host],
            'style-src' => [Stamp::csp($this->style())],
            ...($this->fragment()->font === null ? [] : ['font-src' => [$host]]),
        ];
    }

    private function fragment(): Fragment
    {
        $source = $this->source;

        return $this->drawn ??= (new GalleryMarkup($this->name(), $source->gallery, $source->sections, $source->content, $source->addresses(), Purpose::Plain, $source->phrases))->render();
    }

    private function style(): string
    {
        $place = Purpose::Plain->selector($this->place());

        return Css::of('{s},{s}>svg{all:revert}', ['s' => $place]).Shadow::wished(Css::of('{s}>svg', ['s' => $place])).$this->fragment()->css;
    }

    /** Of the gallery on any page. */
    private function name(): string
    {
        return 'g'.$this->source->gallery->key;
    }

    private function place(): string
    {
        return "zp-at-{$this->name()}";
    }
}
