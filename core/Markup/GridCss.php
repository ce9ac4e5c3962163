<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Design\Filling;
use ZincPane\Core\Design\GalleryDesign;
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
    public function __construct(
        private string $id,
        private GalleryDesign $design,
        private Arrangement $arrangement,
    ) {
    }

    /**
     * @param  list<ShownPicture>  $pictures
     */
    public function render(array $pictures): string
    {
        $css = $this->frame().$this->shapes($pictures);
        foreach ($this->arrangement->bands as $band) {
            $rules = $this->band($band, $pictures);
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

    private function frame(): string
    {
        $s = ".zp-{$this->id}";
        $gap = $this->design->layout->gap;
        $fit = $this->design->layout->filling === Filling::Crop ? 'cover' : 'contain';
        $plain = 'margin:0;padding:0;border:0;float:none;min-width:0;max-width:none;max-height:none';

        // The least width lets it stand below a float that leaves it too little room.
        return "{$s}{display:block;container-type:inline-size;{$plain};min-width:min(100%,240px)}"
            ."{$s} .zp-tiles{display:grid;gap:{$gap}px;align-items:start;list-style:none;width:auto;{$plain}}"
            ."{$s} li{display:block;{$plain}}"
            ."{$s} li::before{content:none}"
            ."{$s} li a,{$s} li picture{display:block;width:100%;height:100%;{$plain};text-decoration:none}"
            ."{$s} li a:focus-visible{outline:3px solid Highlight;outline-offset:2px}"
            ."{$s} li img{display:block;width:100%;height:100%;object-fit:{$fit};object-position:var(--zp-at,50% 50%);{$plain};border-radius:0}";
    }

    /**
     * @param  list<ShownPicture>  $pictures
     */
    private function shapes(array $pictures): string
    {
        $shared = $this->design->layout->shape->ratio();
        if ($shared === null) {
            return $this->ownShapes($pictures);
        }
        $css = ".zp-{$this->id} li{aspect-ratio:".Css::number($shared->value, 5).'}';
        foreach ($pictures as $i => $picture) {
            $at = $this->objectPosition($picture, $shared);
            $css .= $at === null ? '' : $this->tile($i)."{--zp-at:{$at}}";
        }

        return $css;
    }

    /**
     * @param  list<ShownPicture>  $pictures
     */
    private function ownShapes(array $pictures): string
    {
        $css = '';
        foreach ($pictures as $i => $picture) {
            $css .= $this->tile($i)."{aspect-ratio:{$picture->size->width}/{$picture->size->height}}";
        }

        return $css;
    }

    /**
     * @param  list<ShownPicture>  $pictures
     */
    private function band(BandArrangement $band, array $pictures): string
    {
        $css = ".zp-{$this->id} .zp-tiles{grid-template-columns:repeat({$band->columns},minmax(0,1fr))}";
        $short = $band->inLastRow();
        if ($short === $band->columns || $this->design->layout->lastRow === LastRow::Start) {
            return $css;
        }
        for ($i = count($pictures) - $short; $i < count($pictures); $i++) {
            $css .= $this->placed($i, $band->boxes->get($i), $band->rows(), $pictures[$i]);
        }

        return $css;
    }

    /** A tile of the last row, placed by its box within the whole width of its row. */
    private function placed(int $index, Box $box, int $row, ShownPicture $picture): string
    {
        $rules = "grid-area:{$row}/1/auto/-1;width:".Css::length($box->width, '%')
            .';margin-inline-start:'.Css::length($box->left, '%');
        // A row whose height was held has other shapes than the rest. Its height is the same share
        // of the width everywhere, so the shape alone says it but for the gap: calc() does.
        if ($this->isHeld($box)) {
            $shape = Ratio::of($box->width->at(Arrangement::WIDEST), $box->height->at(Arrangement::WIDEST));
            $at = $this->objectPosition($picture, $shape);
            $rules .= ';aspect-ratio:auto;height:'.Css::length($box->height, 'cqw').($at === null ? '' : ";--zp-at:{$at}");
        }

        return $this->tile($index)."{{$rules}}";
    }

    private function isHeld(Box $box): bool
    {
        $shared = $this->design->layout->shape->ratio();

        return $shared !== null && abs($box->width->a / $box->height->a - $shared->value) > 1e-9;
    }

    /** Null where the middle is right, which is what tiles without a word of it show. */
    private function objectPosition(ShownPicture $picture, Ratio $tile): ?string
    {
        if ($this->design->layout->filling === Filling::Fit) {
            return null;
        }
        [$x, $y] = CropWindow::cover($picture->size->ratio(), $tile, $picture->focal)->objectPosition();
        $at = Css::number($x, 1).'% '.Css::number($y, 1).'%';

        return $at === '50% 50%' ? null : $at;
    }

    private function tile(int $index): string
    {
        return ".zp-{$this->id} li:nth-child(".($index + 1).')';
    }
}
