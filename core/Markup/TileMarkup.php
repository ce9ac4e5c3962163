<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Delivery\SourceSize;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Finish\CaptionPlace;
use ZincPane\Core\Finish\Captions;
use ZincPane\Core\Gallery\Words;

/** Writes the tiles of one gallery, in order; it counts them. */
final class TileMarkup
{
    /** Tiles that are asked for at once; the others when the visitor comes near. */
    private const EAGER = 4;

    /** What a browser measures itself; one that cannot takes a picture as wide as the page. */
    private const MEASURED = 'auto, 100vw';

    /** Classes of the words of a caption, by their element. */
    private const CLASSES = ['b' => 'word-title', 'span' => 'word-caption', 'em' => 'word-description', 'small' => 'word-credit'];

    private int $written = 0;

    private readonly SizesAttribute $sizes;

    /** Where the page's width is not known, a browser that can measures a lazy picture itself. */
    private readonly bool $mayMeasure;

    /**
     * @param  int  $count  of all tiles of the gallery
     */
    public function __construct(
        private readonly string $id,
        private readonly int $count,
        ContentWidth $content,
        private readonly Addresses $addresses,
        private readonly Captions $captions,
    ) {
        $this->sizes = new SizesAttribute;
        $this->mayMeasure = ! $content->isKnown();
    }

    /**
     * @param  int  $place  in its section, from 0: what the style calls it by
     * @param  ?non-empty-list<SourceSize>  $sizes  null where the browser is to measure them
     */
    public function tile(Shown $item, int $place, ?array $sizes): Element
    {
        $name = 'zp-n'.($place + 1);
        $tile = $item instanceof ShownText
            ? $this->text($item, $name)
            : Element::of('li', ['class' => $name])->add($item instanceof ShownPicture ? $this->link($item, $sizes === null ? self::MEASURED : $this->sizes->of($sizes)) : throw MarkupException::unknownItem($item));
        $caption = $item instanceof ShownText ? null : $this->caption($item->words());
        $caption === null ?: $tile->add($caption);
        $this->written++;

        return $tile;
    }

    /** Null where there is nothing to say, and no lines are kept for it. */
    private function caption(Words $words): ?Element
    {
        $c = $this->captions;
        $said = [
            'b' => $c->title ? $words->title : '', 'span' => $c->caption ? $words->caption : '',
            'em' => $c->description ? $words->description : '', 'small' => $c->credit ? $words->credit : '',
        ];
        $said = array_filter($said, static fn (string $text): bool => $text !== '');
        if ($c->place === CaptionPlace::None || ($c->areOver() && $said === [])) {
            return null;
        }
        // Each is set as its own language reads: Arabic from the right, whatever the page does.
        $lines = Element::of('span', ['class' => 'zp-said', 'dir' => 'auto']);
        foreach ($said as $name => $text) {
            $name === array_key_first($said) ?: $lines->add(Element::of('br'));
            $lines->add(Element::of($name, ['class' => 'zp-'.self::CLASSES[$name]])->text($text));
        }

        $caption = Element::of('p', ['class' => $c->areOver() ? 'zp-caption zp-over' : 'zp-caption']);

        return $said === [] ? $caption : $caption->add($lines);
    }

    private function text(ShownText $item, string $name): Element
    {
        $title = $item->words->title;

        return Element::of('li', ['class' => "zp-text {$name}", 'id' => "zp-{$this->id}-{$this->written}"])->add(
            Element::of('div', ['class' => 'zp-words'])->html($item->html),
            Element::of('a', ['href' => "#zp-{$this->id}-{$this->written}", 'class' => 'zp-more', 'data-text' => true, 'data-title' => $title === '' ? null : $title])
                ->text(Phrases::readText($title)),
        );
    }

    private function link(ShownPicture $picture, string $sizes): Element
    {
        $words = $picture->words;
        $attributes = [
            'href' => $this->addresses->of($picture->video->address ?? $picture->addressOf(new Rendition(RenditionPlan::linkWidth($picture->size), Format::Jpeg))),
            'aria-label' => $this->nameOf($words, $picture->video !== null),
            'data-video' => $picture->video?->mediaType,
            'data-title' => self::orNone($words->title),
            'data-caption' => self::orNone($words->caption),
            'data-about' => self::orNone($words->description),
            'data-credit' => self::orNone($words->credit),
            'data-link' => self::orNone($words->link),
            'data-clear' => $picture->hasAlpha,
        ];
        $link = Element::of('a', $attributes)->add($this->picture($picture, $sizes));

        return $picture->video === null ? $link : $link->add(Element::of('span', ['class' => 'zp-play', 'aria-hidden' => 'true']));
    }

    /** Null where the picture's own alt text says enough. */
    private function nameOf(Words $words, bool $isVideo): ?string
    {
        $said = $words->decorative ? $words->title : self::altOf($words);

        return match (true) {
            $isVideo => Phrases::video($said, $this->written + 1, $this->count),
            $said === '' || $words->decorative => $said === '' ? Phrases::picture($this->written + 1, $this->count) : $said,
            default => null,
        };
    }

    private static function altOf(Words $words): string
    {
        return $words->alt !== '' ? $words->alt : $words->title;
    }

    private static function orNone(string $text): ?string
    {
        return $text === '' ? null : $text;
    }

    private function picture(ShownPicture $picture, string $sizes): Element
    {
        $lazy = $sizes === self::MEASURED || $this->written >= self::EAGER;
        $told = $lazy && $this->mayMeasure && $sizes !== self::MEASURED ? 'auto, '.$sizes : $sizes;

        return Element::of('picture')->add(
            ...$this->still($picture, $told),
            ...[Element::of('source', [
                'type' => Format::WebP->mediaType(),
                'srcset' => $this->sourceSet($picture, Format::WebP),
                'sizes' => $told,
            ]),
                Element::of('img', [
                    'src' => $this->addresses->of($picture->addressOf($this->smallestJpeg($picture))),
                    'width' => $picture->size->width,
                    'height' => $picture->size->height,
                    'alt' => $picture->words->decorative ? '' : self::altOf($picture->words),
                    'loading' => $lazy ? 'lazy' : null,
                    'decoding' => 'async',
                ])],
        );
    }

    /**
     * Of one that moves, what those see who asked for less motion.
     *
     * @return list<Element>
     */
    private function still(ShownPicture $picture, string $sizes): array
    {
        return $picture->moves ? [Element::of('source', [
            'media' => '(prefers-reduced-motion: reduce)', 'type' => Format::Jpeg->mediaType(), 'srcset' => $this->sourceSet($picture, Format::Jpeg), 'sizes' => $sizes,
        ])] : [];
    }

    private function smallestJpeg(ShownPicture $picture): Rendition
    {
        foreach ($picture->renditions as $rendition) {
            if ($rendition->format === Format::Jpeg) {
                return $rendition;
            }
        }

        return new Rendition(RenditionPlan::linkWidth($picture->size), Format::Jpeg);
    }

    private function sourceSet(ShownPicture $picture, Format $format): string
    {
        $candidates = [];
        foreach ($picture->renditions as $rendition) {
            if ($rendition->format === $format) {
                $candidates[] = $this->addresses->of($picture->addressOf($rendition)).' '.$rendition->width.'w';
            }
        }

        return implode(', ', $candidates);
    }
}
