<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Colour\PixelGrid;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;
use ZincPane\Core\Layout\Section;

/**
 * Whether the captions of a gallery that lie over pictures can be read: of every picture, in every band of widths, at
 * rest and pointed at, from the very pixels under them.
 */
final readonly class Legibility
{
    /** Parts into which shares are told apart. */
    private const FINE = 64;

    /**
     * @param  non-empty-list<Section>  $sections  of the gallery
     * @param  ?int  $widest  px of the inner width
     * @param  string  $behind  colour of what pictures stand on
     * @param  array<int, PixelGrid>  $pixels  by place in the gallery
     */
    public function __construct(private FrozenGallery $gallery, private array $sections, private ?int $widest, private string $behind, private array $pixels)
    {
    }

    public function verdict(): Verdict
    {
        $finish = $this->gallery->design->finish;
        $captions = $finish->captions;
        if (! $captions->areOver()) {
            return Verdict::nothingToRead();
        }
        $needed = Luminance::needed($finish->lettering->size, $finish->lettering->weight);
        $judge = new Judge($finish->pointed, $captions, Luminance::channels($this->behind), $this->pixels);
        $areas = $this->areas();
        $sights = $judge->sights($areas, $captions);
        $hard = array_filter($sights, static fn (CaptionSight $sight): bool => $sight->ratio < $needed);
        $order = array_map(static fn (CaptionSight $sight): int => $sight->place, $sights);

        return new Verdict($needed, $sights, $hard === [] ? [] : (new Mends($judge, $areas, $order, $needed))->of($captions));
    }

    /**
     * Where captions lie, each area once.
     *
     * @return array<int, non-empty-list<CaptionArea>> by place
     */
    private function areas(): array
    {
        $box = new CaptionBox($this->gallery->design->finish);
        $crops = $this->gallery->design->layout->objectFitInForce() === ObjectFit::Cover;
        $areas = [];
        foreach ($this->sections as $section) {
            $widths = $this->looked($section);
            foreach ($section->places as $n => $place) {
                $item = $this->gallery->items[$place];
                $said = $item instanceof ShownPicture ? $box->said($item->words) : [];
                if (! $item instanceof ShownPicture || $said === []) {
                    continue;
                }
                $ems = CaptionBox::widths($said);
                $known = [];
                foreach ($widths as [$band, $at]) {
                    $width = max(1.0, $band->boxes->widths[$n]->at($at) - $band->frame->across());
                    $height = max(1.0, $band->boxes->heights[$n]->at($at) - $band->frame->down());
                    [$top, $bottom] = $box->on($ems, $width, $height);
                    // Most bands show the same of a picture.
                    $key = (int) (self::FINE * $width / $height).' '.(int) (self::FINE * $top).' '.(int) (self::FINE * $bottom);
                    $known[$key] ??= CaptionArea::of($item->ratio(), Ratio::of($width, $height), $item->focal, $crops, $top, $bottom, $at);
                }
                if ($known !== []) {
                    $areas[$place] = array_values($known);
                }
            }
        }

        return $areas;
    }

    /**
     * The ends of all bands in use.
     *
     * @return list<array{BandArrangement, float}> px of the inner width
     */
    private function looked(Section $section): array
    {
        $looked = [];
        foreach ($section->arrangement->bands as $band) {
            [$from, $until] = Arrangement::ends($band->band);
            // At the very end of a band the next one begins.
            $until = min($band->band->until === null ? $until : $until - 1, $this->widest ?? $until);
            foreach ($from <= $until ? array_unique([$from, $until]) : [] as $at) {
                $looked[] = [$band, (float) $at];
            }
        }

        return $looked;
    }
}
