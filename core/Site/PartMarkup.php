<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Delivery\SourceSize;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\SizesAttribute;
use ZincPane\Core\Markup\Style\Css;

/** Writes parts of a page as HTML. */
final readonly class PartMarkup
{
    /** Class of a picture that stands by itself. */
    public const SINGLE = 'zp-single';

    public function __construct(private PageFrame $frame, private Addresses $addresses)
    {
    }

    /**
     * @param  ?ShownPicture  $picture  of a single picture; null where it is not there any more
     */
    public function of(Part $part, ?ShownPicture $picture = null): string
    {
        $words = CleanHtml::cleanedBefore($part->html);

        return match ($part->kind) {
            PartKind::Kept => $part->html,
            PartKind::Heading => (string) Element::of("h{$part->level}")->html($words),
            PartKind::Lead => (string) Element::of('p', ['class' => 'lead'])->html($words),
            PartKind::Paragraph => (string) Element::of('p')->html($words),
            PartKind::List => (string) Element::of($part->ordered ? 'ol' : 'ul')->html($words),
            PartKind::Picture => $picture === null ? '' : $this->single($part, $picture),
        };
    }

    /** The style of single pictures; the same for all of a page. */
    public function css(): Css
    {
        $from = $this->frame->halvesFrom();
        $base = Css::of('.zp-single{margin:28px 0 40px;max-width:{text}px}.zp-single img{display:block;width:100%;height:auto}.zp-single figcaption{margin-top:6px}', ['text' => $this->frame->text]);

        return $from === null ? $base : Css::all($base, Css::of(
            '@media(min-width:{from}px){.zp-single[data-side=start]{float:inline-start;width:{half};margin:8px 0 20px;margin-inline-end:{gap}px}.zp-single[data-side=end]{float:inline-end;width:{half};margin:8px 0 20px;margin-inline-start:{gap}px}{beside}}',
            ['from' => $from, 'half' => Css::of('calc(50% - {px}px)', ['px' => PaneDesign::BESIDE / 2]), 'gap' => PaneDesign::BESIDE, 'beside' => PaneCss::text(Css::of('.zp-single[data-side=start]'), PaneSide::Start, $this->frame)],
        ));
    }

    /** How wide a single picture is, by where it stands. */
    public function width(PaneSide $side): ContentWidth
    {
        $from = $this->frame->halvesFrom();
        $text = $this->frame->column()->capped($this->frame->text);

        return $side === PaneSide::Middle || $from === null ? $text : $this->frame->column()->halvedFrom($from, PaneDesign::BESIDE)->capped($this->frame->text);
    }

    private function single(Part $part, ShownPicture $picture): string
    {
        $plain = Rendition::smallest($picture->fallbacks(), RenditionPlan::FALLBACK[1]);
        $sizes = array_map(static fn (array $step): SourceSize => new SourceSize($step[0], [$step[1]], false), $this->width($part->side)->steps);
        $image = Element::of('img', [
            'src' => $plain === null ? null : $this->addresses->of($picture->addressOf($plain)),
            'srcset' => $this->srcset($picture), 'sizes' => (new SizesAttribute)->of($sizes),
            'width' => $picture->size->width, 'height' => $picture->size->height,
            'alt' => $picture->words->decorative ? '' : $picture->words->alt, 'loading' => 'lazy', 'decoding' => 'async',
        ]);
        $figure = Element::of('figure', ['class' => self::SINGLE, 'data-side' => $part->side === PaneSide::Middle ? null : $part->side->value])->add($image);

        return (string) ($part->caption === '' ? $figure : $figure->add(Element::of('figcaption')->text($part->caption)));
    }

    private function srcset(ShownPicture $picture): string
    {
        $files = [];
        foreach ($picture->renditions as $file) {
            if ($file->format === Format::WebP) {
                $files[$file->width] = $this->addresses->of($picture->addressOf($file))." {$file->width}w";
            }
        }
        ksort($files);

        return implode(', ', $files);
    }
}
