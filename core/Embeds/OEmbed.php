<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Element;

/** An address that other sites turn into a frame by themselves (https://oembed.com). */
final readonly class OEmbed implements Embed
{
    /** px of a frame where the other site sets no bounds, and its least. */
    private const WIDTH = 960;

    private const NARROWEST = 240;

    /** px of the picture that stands for the gallery. */
    private const THUMBNAIL = 540;

    /** Seconds that an answer may be kept. */
    private const KEPT = 3600;

    public const PATH = 'oembed';

    /** Of the frame: no style sheet goes with it. */
    private const STYLE = 'border:0';

    public function __construct(private EmbedSource $source)
    {
    }

    public function kind(): EmbedKind
    {
        return EmbedKind::OEmbed;
    }

    public function stamp(): string
    {
        return '';
    }

    public function pieces(): array
    {
        return [new Piece('As it is, in a line of its own', $this->source->page())];
    }

    public function directives(): array
    {
        return ['frame-src' => [$this->source->host], 'style-src' => ["'unsafe-hashes'", Stamp::csp(self::STYLE)]];
    }

    /**
     * What is answered to whoever asks for the address.
     *
     * @param  ?int  $maxWidth  px that the other site has; null for any
     * @param  ?int  $maxHeight  the same for the height: what is higher is scrolled
     * @param  string  $provider  name of the site
     * @return array<string, string|int>
     */
    public function answer(?int $maxWidth, ?int $maxHeight, string $provider): array
    {
        $width = min(self::WIDTH, max(self::NARROWEST, $maxWidth ?? self::WIDTH));
        $width = $maxWidth === null ? $width : min($width, max(1, $maxWidth));
        $whole = (new FrameHeight($this->source->gallery, $this->source->sections, $this->source->phrases))->at($width);
        $height = $maxHeight === null ? $whole : max(1, min($whole, $maxHeight));

        return [
            'version' => '1.0', 'type' => 'rich', 'title' => $this->source->title(),
            'provider_name' => $provider, 'provider_url' => $this->source->host.'/',
            'cache_age' => self::KEPT,
            'html' => (string) FrameEmbed::frame($this->source, $width, $height, self::STYLE), 'width' => $width, 'height' => $height,
            ...$this->thumbnail($maxWidth, $maxHeight),
        ];
    }

    /** The address that asks for it. */
    public static function address(string $host, string $page, string $format): string
    {
        return "{$host}/".self::PATH.'?'.http_build_query(['url' => $page, 'format' => $format]);
    }

    /**
     * What tells machines on a page where to ask.
     *
     * @return list<Element>
     */
    public static function discovery(string $host, string $page, string $title): array
    {
        return array_map(static fn (string $format): Element => Element::of('link', [
            'rel' => 'alternate', 'type' => $format === 'json' ? 'application/json+oembed' : 'text/xml+oembed', 'href' => self::address($host, $page, $format), 'title' => $title,
        ]), ['json', 'xml']);
    }

    /**
     * All three or none, as the specification asks; within the bounds.
     *
     * @return array<string, string|int>
     */
    private function thumbnail(?int $maxWidth, ?int $maxHeight): array
    {
        foreach ($this->source->gallery->items as $item) {
            if (! $item instanceof ShownPicture) {
                continue;
            }
            $file = $item->smallest(self::THUMBNAIL);
            $height = $file === null ? 0 : $item->size->heightFor($file->width);
            if ($file !== null && $file->width <= ($maxWidth ?? $file->width) && $height <= ($maxHeight ?? $height)) {
                return ['thumbnail_url' => $this->source->addresses()->of($item->addressOf($file)), 'thumbnail_width' => $file->width, 'thumbnail_height' => $height];
            }
        }

        return [];
    }
}
