<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\AtFirst;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\BandArrangement;

/** Lays the tiles of one section out, by container queries: one for each band of widths. */
final readonly class SectionCss
{
    private string $list;

    private PlacesCss $places;

    /**
     * @param  int  $number  of the section in its gallery
     * @param  ?int  $widest  px of the inner width; bands that only come beyond it are left out
     */
    public function __construct(string $id, int $number, private LayoutDesign $layout, private Section $section, private ?int $widest = null)
    {
        $this->list = ".zp-{$id} .zp-s{$number}";
        $this->places = match (true) {
            $layout->kind->isLine() => new LineCss($this->list, $layout),
            in_array($layout->kind, [LayoutKind::Rows, LayoutKind::Mosaic], true) => new BlocksCss($this->list, $layout),
            $layout->kind === LayoutKind::Masonry => new PlacedCss($this->list),
            default => new GridCss($this->list, $layout),
        };
    }

    public function render(): string
    {
        $rules = new TileRules($this->list);
        $css = $this->places->always();
        $this->shapes($rules);
        $bands = '';
        foreach ($this->section->arrangement->bands as $number => $band) {
            if ($this->widest !== null && $band->band->from > $this->widest) {
                break;
            }
            $inside = $this->places->band($number, $band, $this->section->items, $rules).$this->cut($band);
            $bands .= $band->band->from === 0 && $band->band->until === null ? $inside : "@container {$this->condition($band)}{{$inside}}";
        }

        return $css.$rules.$bands;
    }

    private function condition(BandArrangement $band): string
    {
        $from = "(width >= {$band->band->from}px)";
        $until = $band->band->until === null ? null : "(width < {$band->band->until}px)";

        return match (true) {
            $until === null => $from,
            $band->band->from === 0 => $until,
            default => "{$from} and {$until}",
        };
    }

    /** The shape of each tile, its colour while it loads, and where a cropped picture is held. */
    private function shapes(TileRules $rules): void
    {
        $shared = $this->layout->sharedShape()?->ratio;
        foreach ($this->section->items as $i => $item) {
            if ($shared === null) {
                $rules->add($i, '--r:'.Css::number($item->ratio()->value, 4));
            } else {
                $at = self::objectPosition($item, $shared, $this->layout->fillingInForce());
                $at === null ?: $rules->add($i, "--at:{$at}");
            }
            if ($item instanceof ShownPicture && $item->colour !== null) {
                $rules->add($i, "--c:{$item->colour}");
            }
        }
    }

    /** Hides what comes after the first rows, until all is asked for. */
    private function cut(BandArrangement $band): string
    {
        $first = $this->layout->atFirst === AtFirst::Rows && ! $this->layout->kind->isLine() ? $band->rowStarts[$this->layout->firstRows] ?? null : null;
        if ($first === null) {
            return '';
        }
        $closed = $this->list.':has(+.zp-all input:not(:checked))';

        return "{$closed}>:nth-child(n+".($first + 1)."){display:none}{$this->list}+.zp-all{display:block}".$this->places->cut($closed, $band, $first);
    }

    /** Null where the middle is right, which is what tiles without a word of it show. */
    public static function objectPosition(Shown $item, Ratio $tile, Filling $filling): ?string
    {
        if (! $item instanceof ShownPicture || $filling === Filling::Fit) {
            return null;
        }
        [$x, $y] = CropWindow::cover($item->ratio(), $tile, $item->focal)->objectPosition();
        $at = Css::number($x, 1).'% '.Css::number($y, 1).'%';

        return $at === '50% 50%' ? null : $at;
    }
}
