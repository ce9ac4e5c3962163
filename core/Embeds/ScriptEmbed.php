<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Style\Css;

/**
 * One line: an element that keeps the room of the gallery by itself, and a script that fills it. The room stands in a
 * shadow root that the browser makes while it reads the page (https://html.spec.whatwg.org/#attr-template-shadowrootmode),
 * out of reach of its styles; where no script comes, it gives way to a link.
 */
final readonly class ScriptEmbed implements Embed
{
    /** The element, which the script defines. */
    public const TAG = 'zinc-gallery';

    /** What a page has to allow by name that asks for trusted types. */
    public const POLICY = 'zinc-pane';

    public function __construct(private EmbedSource $source)
    {
    }

    public function kind(): EmbedKind
    {
        return EmbedKind::Script;
    }

    public function stamp(): string
    {
        return Stamp::of($this->style());
    }

    public function pieces(): array
    {
        $room = new Room('embed', $this->source->gallery, $this->source->sections, $this->source->phrases);
        $style = $this->style();
        $element = Element::of(self::TAG, ['gallery' => $this->source->id, 'host' => $this->source->host, 'stamp' => Stamp::of($style)])->add(
            Element::of('template', ['shadowrootmode' => 'open'])->add(
                Element::of('style')->css($style),
                Shadow::wish(),
                $room->html(),
                Element::of('slot'),
            ),
            Element::of('a', ['href' => $this->source->page()])->text($this->source->title()),
        );

        return [new Piece('Where the gallery is to stand', $this->sooner().$element.self::script($this->source->host))];
    }

    /** What the script will ask for comes beside it and not after it, where both speak the same language. */
    private function sooner(): Element
    {
        return Element::of('link', ['rel' => 'preload', 'as' => 'fetch', 'crossorigin' => 'anonymous', 'href' => "{$this->source->page()}.{$this->source->phrases->tag}.json"]);
    }

    /** Brings what is needed, once for all galleries of a page. */
    public static function script(string $host): Element
    {
        return Element::of('script', ['src' => "{$host}/embed.js", 'async' => true]);
    }

    public function directives(): array
    {
        $host = $this->source->host;

        return [
            'script-src' => [$host],
            'connect-src' => [$host],
            'img-src' => [$host],
            ...($this->source->hasVideos() ? ['media-src' => [$host]] : []),
            'style-src' => [Stamp::csp($this->style())],
            'trusted-types' => [self::POLICY],
        ];
    }

    private function style(): string
    {
        $room = new Room('embed', $this->source->gallery, $this->source->sections, $this->source->phrases);

        return (string) Css::all(
            Shadow::css(),
            $room->css(),
            Css::of('.zp{visibility:hidden}slot{display:block;position:absolute;inset:0 0 auto}@media (scripting:none){.zp{display:none}slot{position:static}}'),
        );
    }
}
