<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Layout\BandArrangement;

/** Tiles that are placed by their boxes: of each its left, top and width; the height follows from its shape. */
final readonly class PlacedCss implements PlacesCss
{
    public function __construct(private string $list)
    {
    }

    public function always(): string
    {
        return "{$this->list}{position:relative}{$this->list}>li{position:absolute}";
    }

    public function band(int $number, BandArrangement $band, array $items, TileRules $rules): string
    {
        $same = self::allEqual($band->boxes->widths);
        foreach (array_keys($items) as $i) {
            $this->told($rules, $i, "x{$number}", $band->boxes->lefts[$i]);
            $this->told($rules, $i, "y{$number}", $band->boxes->tops[$i]);
            if (! $same) {
                $this->told($rules, $i, "w{$number}", $band->boxes->widths[$i]);
            }
        }
        $width = $same && $items !== [] ? Css::length($band->boxes->widths[0], 'cqw') : self::read("w{$number}");

        return "{$this->list}{height:{$this->height($band->boxes, count($items), $band)}}"
            ."{$this->list}>li{left:".self::read("x{$number}").';top:'.self::read("y{$number}").";width:{$width}}";
    }

    public function cut(string $closed, BandArrangement $band, int $first): string
    {
        return "{$closed}{height:{$this->height($band->boxes, $first, $band)}}";
    }

    private function told(TileRules $rules, int $tile, string $name, Linear $line): void
    {
        $share = Css::number(100 * $line->a, 3);
        $px = Css::number($line->b, 2);
        if ($share !== '0') {
            $rules->add($tile, "--{$name}:{$share}");
        }
        if ($px !== '0') {
            $rules->add($tile, "--{$name}p:{$px}");
        }
    }

    private static function read(string $name): string
    {
        return "calc(var(--{$name},0)*1cqw + var(--{$name}p,0)*1px)";
    }

    /** As low as the lowest tile, whichever that is within the band. */
    private function height(Boxes $boxes, int $count, BandArrangement $band): string
    {
        $ends = [];
        $at = $band->middle();
        for ($i = 0; $i < $count; $i++) {
            $end = $boxes->tops[$i]->plus($boxes->heights[$i]);
            $column = Css::number($boxes->lefts[$i]->at($at), 1);
            if (! isset($ends[$column]) || $end->at($at) > $ends[$column]->at($at)) {
                $ends[$column] = $end;
            }
        }
        if ($ends === []) {
            return '0px';
        }
        $lowest = max(array_map(static fn (Linear $end): float => $end->at($at), $ends));
        // Only what is near the lowest in the middle of the band may be lower elsewhere in it.
        $near = array_unique(array_map(
            static fn (Linear $end): string => Css::length($end, 'cqw'),
            array_filter($ends, static fn (Linear $end): bool => $end->at($at) > 0.98 * $lowest - 1),
        ));

        return count($near) === 1 ? (string) array_pop($near) : 'max('.implode(',', $near).')';
    }

    /**
     * @param  list<Linear>  $lines
     */
    private static function allEqual(array $lines): bool
    {
        foreach ($lines as $line) {
            if ($line !== $lines[0]) {
                return false;
            }
        }

        return true;
    }
}
