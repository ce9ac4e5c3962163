<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Gallery\Words;

/** Writes the tiles of one gallery, in order; it counts them. */
final class TileMarkup
{
    /** Tiles that are asked for at once; the others when the visitor comes near. */
    private const EAGER = 4;

    private int $written = 0;

    /**
     * @param  int  $count  of all tiles of the gallery
     */
    public function __construct(
        private readonly string $id,
        private readonly int $count,
        private readonly ContentWidth $content,
        private readonly bool $captions,
    ) {
    }

    public function tile(Shown $item, string $sizes): Element
    {
        $tile = $item instanceof ShownText
            ? $this->text($item)
            : Element::of('li')->add($item instanceof ShownPicture ? $this->link($item, $sizes) : throw MarkupException::unknownItem($item));
        if ($this->captions) {
            $tile->add(Element::of('p', ['class' => 'zp-caption'])->text($item->words()->caption !== '' ? $item->words()->caption : $item->words()->title));
        }
        $this->written++;

        return $tile;
    }

    private function text(ShownText $item): Element
    {
        $title = $item->words->title;

        return Element::of('li', ['class' => 'zp-text', 'id' => "zp-{$this->id}-{$this->written}"])->add(
            Element::of('div', ['class' => 'zp-words'])->html($item->html),
            Element::of('a', ['href' => "#zp-{$this->id}-{$this->written}", 'class' => 'zp-more', 'data-text' => true, 'data-title' => $title === '' ? null : $title])
                ->text($title === '' ? 'Read it whole' : "Read “{$title}”"),
        );
    }

    private function link(ShownPicture $picture, string $sizes): Element
    {
        $words = $picture->words;
        $attributes = [
            'href' => $picture->video->address ?? $picture->addressOf(new Rendition(RenditionPlan::linkWidth($picture->size), Format::Jpeg)),
            'aria-label' => $this->nameOf($words, $picture->video !== null),
            'data-video' => $picture->video?->mediaType,
            'data-title' => self::orNone($words->title),
            'data-caption' => self::orNone($words->caption),
            'data-about' => self::orNone($words->description),
            'data-credit' => self::orNone($words->credit),
        ];
        $link = Element::of('a', $attributes)->add($this->picture($picture, $sizes));

        return $picture->video === null ? $link : $link->add(Element::of('span', ['class' => 'zp-play', 'aria-hidden' => 'true']));
    }

    /** Null where the picture's own alt text says enough. */
    private function nameOf(Words $words, bool $isVideo): ?string
    {
        $said = $words->decorative ? $words->title : self::altOf($words);

        return match (true) {
            $isVideo => 'Video: '.($said === '' ? ($this->written + 1)." of {$this->count}" : $said),
            $said === '' || $words->decorative => $said === '' ? 'Picture '.($this->written + 1)." of {$this->count}" : $said,
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
        $lazy = $this->written >= self::EAGER;
        // Where the page's width is not known, a browser that can measures a lazy picture itself.
        $told = $lazy && $this->content == ContentWidth::unknown() ? 'auto, '.$sizes : $sizes;

        return Element::of('picture')->add(
            Element::of('source', [
                'type' => Format::WebP->mediaType(),
                'srcset' => $this->sourceSet($picture, Format::WebP),
                'sizes' => $told,
            ]),
            Element::of('img', [
                'src' => $picture->addressOf($this->smallestJpeg($picture)),
                'width' => $picture->size->width,
                'height' => $picture->size->height,
                'alt' => $picture->words->decorative ? '' : self::altOf($picture->words),
                'loading' => $lazy ? 'lazy' : null,
                'decoding' => 'async',
            ]),
        );
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
                $candidates[] = $picture->addressOf($rendition).' '.$rendition->width.'w';
            }
        }

        return implode(', ', $candidates);
    }
}
