<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Cropping\CropWindow;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Delivery\WeightModel;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\BandArrangement;

/** Measures one arrangement of a gallery's pictures. */
final class Measurer
{
    /** Side of the focal area, as a share of the picture's shorter side. */
    private const FOCAL_AREA = 0.2;

    /** A row is complete that leaves less than this share of the width. */
    public const COMPLETE = 0.015;

    /** @var array<int, array<int, array{float, bool}>> share cut off, and whether the focal area is harmed; by picture and thousandths of the shape */
    private array $crops = [];

    /** @var array<int, array<int, float>> bytes by picture and width */
    private array $weights = [];

    /**
     * @param  list<Subject>  $subjects
     */
    public function __construct(private readonly array $subjects)
    {
    }

    /**
     * @param  float  $begins  px from the top of the gallery at which these begin
     */
    public function measure(BandArrangement $band, LayoutDesign $layout, Viewport $view, float $begins = 0.0): Measures
    {
        $boxes = $band->boxes;
        $inner = $view->inner;
        $across = $band->frame->across();
        $down = $band->frame->down();
        $mayCrop = $layout->objectFitInForce() === ObjectFit::Cover && ($layout->sharedShape() !== null || $layout->kind->isStrip());
        $crop = $worst = $area = $all = $first = 0.0;
        $worstPicture = null;
        $harmed = $requests = $firstRequests = 0;
        $smallest = $leftmost = INF;
        $largest = $rightmost = 0.0;
        foreach ($this->subjects as $i => $subject) {
            $width = $boxes->widths[$i]->at($inner) - $across;
            $height = $boxes->heights[$i]->at($inner) - $down;
            $area += ($width + $across) * ($height + $down);
            $left = $boxes->lefts[$i]->at($inner);
            $leftmost = min($leftmost, $left);
            $rightmost = max($rightmost, $left + $width + $across);
            $smallest = min($smallest, $width, $height);
            $largest = max($largest, $width, $height);
            if ($subject->size === null) {
                continue;
            }
            $drawn = $width;
            if ($mayCrop) {
                [$lost, $isHarmed] = $this->cropOf($i, $subject, $width / max(1.0, $height));
                $crop += $lost;
                $harmed += (int) $isHarmed;
                if ($lost > $worst + 1e-6) {
                    $worst = $lost;
                    $worstPicture = $i;
                }
                $drawn = max($width, $height * $subject->ratio->value);
            }
            $bytes = $this->weightOf($i, $subject, $drawn * $view->density);
            $all += $bytes;
            $requests++;
            if ($begins + $boxes->tops[$i]->at($inner) < $view->height && $left < $inner) {
                $first += $bytes;
                $firstRequests++;
            }
        }
        $count = count($this->subjects);
        $total = $band->height->at($inner);
        [$rows, $complete, $uneven] = $this->rows($band, $layout, $inner);

        return new Measures(
            $rows, $complete, $band->inLastRow(), $requests > 0 ? $crop / $requests : 0.0, $worst, $worstPicture, $harmed, $uneven,
            $count > 0 ? (int) round($smallest) : 0, (int) round($largest), $total > 0 ? min(1.0, $area / ($total * $inner)) : 0.0,
            max(0.0, min($rightmost, $inner) - $leftmost) / $view->width, (int) round($total), $total / $view->height,
            (int) round($first), (int) round($all), $firstRequests, $requests, $count, $inner,
        );
    }

    /**
     * @return array{float, bool}
     */
    private function cropOf(int $index, Subject $subject, float $shape): array
    {
        $key = (int) round(1000 * $shape);
        if (! isset($this->crops[$index][$key])) {
            $window = CropWindow::cover($subject->ratio, Ratio::of($shape, 1), $subject->focal);
            $half = self::FOCAL_AREA / 2;
            $across = $half * min(1.0, 1 / $subject->ratio->value);
            $down = $half * min(1.0, $subject->ratio->value);
            // What lies beyond the picture's own edge is not missed.
            $this->crops[$index][$key] = [$window->lost(), max(0.0, $subject->focal->x - $across) < $window->left - 1e-6
                || min(1.0, $subject->focal->x + $across) > $window->left + $window->width + 1e-6
                || max(0.0, $subject->focal->y - $down) < $window->top - 1e-6
                || min(1.0, $subject->focal->y + $down) > $window->top + $window->height + 1e-6];
        }

        return $this->crops[$index][$key];
    }

    private function weightOf(int $index, Subject $subject, float $wanted): float
    {
        $most = $subject->size->width ?? 1;
        $width = $most;
        foreach (RenditionPlan::LADDER as $step) {
            if ($step >= $wanted - 0.5) {
                $width = min($most, $step);
                break;
            }
        }

        return $this->weights[$index][$width] ??= $subject->size === null ? 0.0 : WeightModel::bytes($subject->files, $subject->size, $width);
    }

    /**
     * @return array{int, int, float} rows, how many are complete, and how uneven they are
     */
    private function rows(BandArrangement $band, LayoutDesign $layout, float $inner): array
    {
        if ($layout->kind === LayoutKind::Masonry) {
            return $this->columns($band, $inner);
        }
        if ($layout->kind === LayoutKind::Single) {
            // Rows of one are as high as their pictures are, and nobody expects else.
            return [count($band->rowStarts), count($band->rowStarts), 0.0];
        }
        $complete = 0;
        $count = count($band->boxes);
        foreach ($band->rowStarts as $row => $start) {
            $end = $band->rowStarts[$row + 1] ?? $count;
            $right = 0.0;
            $left = $band->boxes->lefts[$start]->at($inner);
            for ($i = $start; $i < $end; $i++) {
                $right = max($right, $band->boxes->lefts[$i]->at($inner) + $band->boxes->widths[$i]->at($inner));
            }
            $complete += (int) ($layout->kind->isStrip() || ($right - $left) >= (1 - self::COMPLETE) * $inner);
        }
        $heights = $band->rowHeights($inner);
        $mean = $heights === [] ? 1.0 : array_sum($heights) / count($heights);

        return [count($band->rowStarts), $complete, $heights === [] ? 0.0 : (max($heights) - min($heights)) / max(1.0, $mean)];
    }

    /**
     * @return array{int, int, float}
     */
    private function columns(BandArrangement $band, float $inner): array
    {
        $ends = $band->columnEnds($inner);
        if ($ends === []) {
            return [0, 0, 0.0];
        }
        $tallest = max(1.0, max($ends));
        $level = array_filter($ends, static fn (float $end): bool => $end >= 0.9 * $tallest);

        return [$band->columns, count($level), ($tallest - (count($ends) < $band->columns ? 0.0 : min($ends))) / $tallest];
    }
}
