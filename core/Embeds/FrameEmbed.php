<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Purpose;
use ZincPane\Core\Markup\Style\Css;

/** A page of ours within the other page: as high as the gallery at every width by its style, and to the px by the script. */
final readonly class FrameEmbed implements Embed
{
    /** px of a frame whose style was thrown away. */
    public const WIDTH = 640;

    public function __construct(private EmbedSource $source)
    {
    }

    public function kind(): EmbedKind
    {
        return EmbedKind::Frame;
    }

    public function stamp(): string
    {
        return Stamp::of($this->style());
    }

    public function pieces(): array
    {
        $style = $this->style();
        $place = Element::of('div', ['class' => $this->place(), HtmlCss::MARK => "frame.{$this->source->id}.".Stamp::of($style)])->add(
            // In it: a page may show all that it holds, style sheets too, but not what stands here.
            Element::of('style')->css($style),
            Shadow::wish(),
            Element::of('div')->add(self::frame($this->source, self::WIDTH, $this->height()->at(self::WIDTH))),
        );

        return [new Piece('Where the gallery is to stand', $place.ScriptEmbed::script($this->source->host))];
    }

    /**
     * @param  positive-int  $width  px; in whole numbers, as HTML asks for
     * @param  positive-int  $height  px
     * @param  ?string  $style  of its own
     */
    public static function frame(EmbedSource $source, int $width, int $height, ?string $style = null): Element
    {
        return Element::of('iframe', [
            'src' => $source->page(), 'title' => $source->title(), 'width' => $width, 'height' => $height,
            'loading' => 'lazy', 'allow' => 'fullscreen; web-share', 'allowfullscreen' => true, 'style' => $style,
        ]);
    }

    public function directives(): array
    {
        $host = $this->source->host;

        return ['frame-src' => [$host], 'style-src' => [Stamp::csp($this->style())], 'script-src' => [$host]];
    }

    private function height(): FrameHeight
    {
        return new FrameHeight($this->source->gallery, $this->source->sections, $this->source->phrases);
    }

    private function style(): string
    {
        $place = Purpose::Plain->selector($this->place());

        return (string) Css::all(
            Css::of('{s},{s} *{all:revert}', ['s' => $place]),
            Shadow::wished(Css::of('{s}>svg', ['s' => $place])),
            Css::of('{s}>div{container-type:inline-size}{s} iframe{display:block;width:100%;border:0}', ['s' => $place]),
            $this->height()->css(Css::of('{s} iframe', ['s' => $place])),
        );
    }

    private function place(): string
    {
        return 'zp-in-'.$this->source->gallery->key;
    }
}
