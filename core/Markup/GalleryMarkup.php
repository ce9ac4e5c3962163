<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Delivery\Sizes;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Layout\Arrangement;

/**
 * Writes a gallery as plain HTML and CSS that lay themselves out without a script; each tile
 * is a link to the large picture. Proof, page and embed all come from here.
 */
final readonly class GalleryMarkup
{
    /** Tiles that are asked for at once; the others when the visitor comes near. */
    private const EAGER = 4;

    /**
     * @param  string  $id  letters, digits and hyphens, its own on the page; part of every selector
     */
    public function __construct(
        private string $id,
        private GalleryDesign $design,
        private Arrangement $arrangement,
        private ContentWidth $content,
    ) {
    }

    /**
     * @param  list<ShownPicture>  $pictures
     */
    public function render(string $title, array $pictures): Fragment
    {
        $list = Element::of('ul', ['class' => 'zp-tiles', 'role' => 'list', 'aria-label' => $title]);
        $sizes = new Sizes($this->arrangement, $this->content, $this->design->layout->filling === Filling::Crop);
        foreach ($pictures as $i => $picture) {
            $list->add(Element::of('li')->add(
                $this->link($picture, $i, count($pictures), $sizes->of($i, $picture->size->ratio())),
            ));
        }
        $root = Element::of('div', ['class' => "zp zp-{$this->id}", 'data-zinc-pane' => true])->add($list);

        return new Fragment($this->id, (string) $root, (new GridCss($this->id, $this->design, $this->arrangement))->render($pictures));
    }

    private function link(ShownPicture $picture, int $index, int $count, string $sizes): Element
    {
        $words = $picture->words;
        $width = RenditionPlan::linkWidth($picture->size);
        $named = $words->alt !== '' || $words->title !== '';

        return Element::of('a', [
            'href' => $picture->addressOf(new Rendition($width, Format::Jpeg)),
            'aria-label' => $named ? null : 'Picture '.($index + 1)." of {$count}",
            'data-title' => $words->title !== '' ? $words->title : null,
            'data-caption' => $words->caption !== '' ? $words->caption : null,
        ])->add($this->picture($picture, $index, $sizes));
    }

    private function picture(ShownPicture $picture, int $index, string $sizes): Element
    {
        $lazy = $index >= self::EAGER;
        // Where the page's width is not known, a browser that can measures a lazy picture itself.
        $told = $lazy && $this->content == ContentWidth::unknown() ? 'auto, '.$sizes : $sizes;
        $fallback = $this->sourceSet($picture, Format::Jpeg);

        return Element::of('picture')->add(
            Element::of('source', [
                'type' => Format::WebP->mediaType(),
                'srcset' => $this->sourceSet($picture, Format::WebP),
                'sizes' => $told,
            ]),
            Element::of('img', [
                'src' => $picture->addressOf($this->smallestJpeg($picture)),
                'srcset' => $fallback,
                'sizes' => $told,
                'width' => $picture->size->width,
                'height' => $picture->size->height,
                'alt' => $picture->words->alt !== '' ? $picture->words->alt : $picture->words->title,
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
