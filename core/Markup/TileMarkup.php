<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Delivery\SourceSize;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Finish\CaptionPlace;
use ZincPane\Core\Finish\Captions;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Viewer\ClickAct;

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

    private readonly int $count;

    private readonly Captions $captions;

    /**
     * @param  string  $id  of the gallery on the page
     * @param  ?ViewerData  $viewer  null where no script runs
     */
    public function __construct(
        private readonly string $id,
        private readonly FrozenGallery $gallery,
        private readonly Leads $leads,
        private readonly ?ViewerData $viewer,
        private readonly Addresses $addresses,
        private readonly Phrases $phrases,
    ) {
        $this->sizes = new SizesAttribute;
        $this->count = count($gallery->items);
        $this->captions = $gallery->design->finish->captions;
    }

    /**
     * @param  int  $place  in its section, from 0: what the style calls it by
     * @param  int  $number  in the gallery, from 0
     * @param  ?non-empty-list<SourceSize>  $sizes  null where only the browser knows them
     * @param  bool  $mayMeasure  a browser that can measures a lazy picture itself
     */
    public function tile(Shown $item, int $place, int $number, ?array $sizes, bool $mayMeasure): Element
    {
        $attributes = ['class' => 'zp-n'.($place + 1), 'id' => "zp-{$this->id}-{$this->gallery->key($number)}"];
        $act = $this->actOf($item, $number);
        $tile = match (true) {
            $item instanceof ShownText => $this->text($item, $attributes, $act),
            $item instanceof ShownPicture => Element::of('li', $attributes)->add($this->link($item, $number, $act, $sizes === null ? self::MEASURED : $this->sizes->of($sizes), $mayMeasure)),
            default => throw MarkupException::unknownItem($item),
        };
        $caption = $item instanceof ShownText ? null : $this->caption($item->words());
        if ($caption !== null) {
            $tile->add($caption);
        }
        $this->written++;

        return $tile;
    }

    /** A text that is cut is whole nowhere else than in the large view, which is a script's. */
    private function actOf(Shown $item, int $number): ClickAct
    {
        $act = $this->gallery->act($number);

        return $this->viewer === null && $item instanceof ShownText && $act !== ClickAct::Address ? ClickAct::Nothing : $act;
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
            if ($name !== array_key_first($said)) {
                $lines->add(Element::of('br'));
            }
            $lines->add(Element::of($name, ['class' => 'zp-'.self::CLASSES[$name]])->text($text));
        }

        $caption = Element::of('p', ['class' => $c->areOver() ? 'zp-caption zp-over' : 'zp-caption']);

        return $said === [] ? $caption : $caption->add($lines);
    }

    /**
     * @param  array{class: string, id: string}  $attributes  of the tile
     */
    private function text(ShownText $item, array $attributes, ClickAct $act): Element
    {
        $tile = Element::of('li', [...$attributes, 'class' => "zp-text {$attributes['class']}"])->add(Element::of('div', ['class' => 'zp-words'])->html($item->html));

        return $act === ClickAct::Nothing ? $tile : $tile->add(
            Element::of('a', [
                ...($act === ClickAct::Address ? $this->elsewhere($item->words, $item->words->title) : ['href' => "#{$attributes['id']}", ...($this->viewer?->ofText($item) ?? [])]),
                'class' => 'zp-more', 'data-act' => $this->actAttribute($act),
            ])->text($this->phrases->readText($item->words->title)),
        );
    }

    private function link(ShownPicture $picture, int $number, ClickAct $act, string $sizes, bool $mayMeasure): Element
    {
        $words = $picture->words;
        $said = $this->nameOf($words, $picture->video !== null);
        $attributes = [
            'href' => $this->leads->of($picture, $number, $act), 'aria-label' => $act === ClickAct::Nothing ? null : $said,
            'data-act' => $this->actAttribute($act),
            ...($act->shows() ? $this->viewer?->ofPicture($picture, $number) ?? [] : []),
            ...($act === ClickAct::Address ? $this->elsewhere($words, $said ?? self::altOf($words)) : []),
        ];
        $link = Element::of('a', $attributes)->add($this->picture($picture, $sizes, $mayMeasure));

        return $picture->video === null ? $link : $link->add(Element::of('span', ['class' => 'zp-play', 'aria-hidden' => 'true']));
    }

    /** The large view is what is meant where nothing is said. */
    private function actAttribute(ClickAct $act): ?string
    {
        return $act === ClickAct::Large || $this->viewer === null ? null : $act->value;
    }

    /**
     * A link to elsewhere says so.
     *
     * @param  string  $said  what it is of
     * @return array<string, ?string> attributes
     */
    private function elsewhere(Words $words, string $said): array
    {
        $host = preg_match('~^https?://([^/?#]+)~i', $words->link, $found) === 1 ? $found[1] : null;
        $newTab = $host !== null && $this->gallery->design->viewer->click->newTab;

        return [
            'href' => $words->link,
            'target' => $newTab ? '_blank' : null, 'rel' => $newTab ? 'noopener' : null,
            'aria-label' => $host === null ? ($said === '' ? null : $said) : $this->phrases->leadsTo($said, $host, $newTab),
        ];
    }

    /** Null where the picture's own alt text says enough. */
    private function nameOf(Words $words, bool $isVideo): ?string
    {
        $said = $words->decorative ? $words->title : self::altOf($words);

        return match (true) {
            $isVideo => $this->phrases->video($said, $this->written + 1, $this->count),
            $said === '' || $words->decorative => $said === '' ? $this->phrases->say('picture', ['n' => $this->written + 1, 'm' => $this->count]) : $said,
            default => null,
        };
    }

    private static function altOf(Words $words): string
    {
        return $words->alt !== '' ? $words->alt : $words->title;
    }

    private function picture(ShownPicture $picture, string $sizes, bool $mayMeasure): Element
    {
        $lazy = $sizes === self::MEASURED || $this->written >= self::EAGER;
        $told = $lazy && $mayMeasure && $sizes !== self::MEASURED ? 'auto, '.$sizes : $sizes;

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

        return Leads::large($picture);
    }

    private function sourceSet(ShownPicture $picture, Format $format): string
    {
        $candidates = [];
        foreach ($picture->renditions as $rendition) {
            // What is wider than any tile is for the large view alone.
            if ($rendition->format === $format && ($rendition->width <= RenditionPlan::widestTile() || $candidates === [])) {
                $candidates[] = $this->addresses->of($picture->addressOf($rendition)).' '.$rendition->width.'w';
            }
        }

        return implode(', ', $candidates);
    }
}
