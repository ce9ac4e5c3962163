<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Geometry\Boxes;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\BandArrangement;

/** Tiles of one width that are placed by their boxes: of each its left and top; the height follows from its shape. */
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
        foreach (array_keys($items) as $i) {
            $this->told($rules, $i, "x{$number}", $band->boxes->lefts[$i]);
            $this->told($rules, $i, "y{$number}", $band->boxes->tops[$i]);
        }
        $width = $items === [] ? '0px' : Css::length($band->boxes->widths[0], 'cqw');

        return "{$this->list}{height:{$this->height($band->boxes, count($items), $band)}}"
            ."{$this->list}>li{left:".self::read("x{$number}").';top:'.self::read("y{$number}").";width:{$width}}";
    }

    public function cut(string $closed, BandArrangement $band, int $first): string
    {
        return "{$closed}{height:{$this->height($band->boxes, $first, $band)}}";
    }

    private function told(TileRules $rules, int $tile, string $name, Linear $line): void
    {
        // Exact to a fifth of a px at any width in use.
        $share = Css::number(100 * $line->a, 2);
        $px = Css::number($line->b, 1);
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
        [$from, $until] = Arrangement::ends($band->band);
        /** @var array<int, Linear> $lowest of which none is above another all along the band */
        $lowest = [];
        $isBelow = static fn (Linear $one, Linear $other): bool => $one->at($from) >= $other->at($from) - 0.005 && $one->at($until) >= $other->at($until) - 0.005;
        for ($i = 0; $i < $count; $i++) {
            $end = $boxes->tops[$i]->plus($boxes->heights[$i]);
            foreach ($lowest as $n => $known) {
                if ($isBelow($known, $end)) {
                    continue 2;
                }
                if ($isBelow($end, $known)) {
                    unset($lowest[$n]);
                }
            }
            $lowest[] = $end;
        }
        $said = array_map(static fn (Linear $line): string => Css::length($line, 'cqw'), $lowest);

        return match (count($said)) {
            0 => '0px',
            1 => implode('', $said),
            default => 'max('.implode(',', $said).')',
        };
    }
}
