<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\GridDesign;
use ZincPane\Core\Design\LastRow;
use ZincPane\Core\Geometry\Box;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;

/**
 * A grid in the browser's own grid, which comes to the same boxes; only a short last row that
 * is centred or filled is placed by its boxes.
 */
final readonly class GridCss
{
    private string $list;

    /**
     * @param  int  $section  number of the section in its gallery
     */
    public function __construct(
        string $id,
        int $section,
        private GridDesign $layout,
        private Arrangement $arrangement,
    ) {
        $this->list = ".zp-{$id} .zp-s{$section}";
    }

    /**
     * @param  list<Shown>  $items
     */
    public function render(array $items): string
    {
        $css = $this->shapes($items);
        foreach ($this->arrangement->bands as $band) {
            $rules = $this->band($band, $items);
            $css .= $band->band->from === 0 && $band->band->until === null
                ? $rules
                : "@container {$this->condition($band)}{{$rules}}";
        }

        return $css;
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

    /**
     * @param  list<Shown>  $items
     */
    private function shapes(array $items): string
    {
        $shared = $this->layout->shape->ratio();
        if ($shared === null) {
            return $this->ownShapes($items);
        }
        $css = "{$this->list}>li{aspect-ratio:".Css::number($shared->value, 5).'}';
        foreach ($items as $i => $item) {
            $at = $this->objectPosition($item, $shared);
            $css .= $at === null ? '' : $this->tile($i)."{--zp-at:{$at}}";
        }

        return $css;
    }

    /**
     * @param  list<Shown>  $items
     */
    private function ownShapes(array $items): string
    {
        $css = '';
        foreach ($items as $i => $item) {
            $css .= $this->tile($i).'{aspect-ratio:'.Css::number($item->ratio()->value, 5).'}';
        }

        return $css;
    }

    /**
     * @param  list<Shown>  $items
     */
    private function band(BandArrangement $band, array $items): string
    {
        $css = "{$this->list}{grid-template-columns:repeat({$band->columns},minmax(0,1fr))}";
        $short = $band->inLastRow();
        if ($short === $band->columns || $this->layout->lastRow === LastRow::Start) {
            return $css;
        }
        for ($i = count($items) - $short; $i < count($items); $i++) {
            $css .= $this->placed($i, $band->boxes->get($i), $band->rows(), $items[$i]);
        }

        return $css;
    }

    /** A tile of the last row, placed by its box within the whole width of its row. */
    private function placed(int $index, Box $box, int $row, Shown $item): string
    {
        $rules = "grid-area:{$row}/1/auto/-1;width:".Css::length($box->width, '%')
            .';margin-inline-start:'.Css::length($box->left, '%');
        // A row whose height was held has other shapes than the rest. Its height is the same share
        // of the width everywhere, so the shape alone says it but for the gap: calc() does.
        if ($this->isHeld($box)) {
            $shape = Ratio::of($box->width->at(Arrangement::WIDEST), $box->height->at(Arrangement::WIDEST));
            $at = $this->objectPosition($item, $shape);
            $rules .= ';aspect-ratio:auto;height:'.Css::length($box->height, 'cqw').($at === null ? '' : ";--zp-at:{$at}");
        }

        return $this->tile($index)."{{$rules}}";
    }

    private function isHeld(Box $box): bool
    {
        $shared = $this->layout->shape->ratio();

        return $shared !== null && abs($box->width->a / $box->height->a - $shared->value) > 1e-9;
    }

    /** Null where the middle is right, which is what tiles without a word of it show. */
    private function objectPosition(Shown $item, Ratio $tile): ?string
    {
        if (! $item instanceof ShownPicture || $this->layout->filling === Filling::Fit) {
            return null;
        }
        [$x, $y] = CropWindow::cover($item->ratio(), $tile, $item->focal)->objectPosition();
        $at = Css::number($x, 1).'% '.Css::number($y, 1).'%';

        return $at === '50% 50%' ? null : $at;
    }

    private function tile(int $index): string
    {
        return "{$this->list}>li:nth-child(".($index + 1).')';
    }
}
