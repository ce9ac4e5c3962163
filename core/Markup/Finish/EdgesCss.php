<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Finish;

use ZincPane\Core\Finish\Edges;
use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Finish\LineStyle;
use ZincPane\Core\Markup\Style\Css;

/** Line, mount, corners and shadow of every tile. */
final readonly class EdgesCss
{
    private Edges $edges;

    public function __construct(private Css $pane, private FinishDesign $finish)
    {
        $this->edges = $finish->edges;
    }

    /** What belongs into the rule of a tile, since it is part of its box. */
    public function framed(): Css
    {
        $line = $this->edges->lineWidth();
        if ($this->edges->inset() === 0) {
            return Css::none();
        }

        return Css::of(';box-sizing:border-box;padding:{mount}px{line}', [
            'mount' => $this->edges->mount,
            'line' => $line === 0 ? Css::none() : Css::of(';border:{line}px {style} {colour}', ['line' => $line, 'style' => self::style($this->edges->line), 'colour' => Css::tone($this->edges->colour, $this->edges->opacity)]),
        ]);
    }

    public function render(): Css
    {
        return Css::all($this->ground(), $this->corners(), $this->shadow());
    }

    public static function style(LineStyle $line): Css
    {
        return match ($line) {
            LineStyle::None => Css::of('none'),
            LineStyle::Solid => Css::of('solid'),
            LineStyle::Dashed => Css::of('dashed'),
            LineStyle::Dotted => Css::of('dotted'),
            LineStyle::Double => Css::of('double'),
        };
    }

    private function ground(): Css
    {
        return $this->edges->tile === null ? Css::none() : Css::of('{s} li{background:{tile}}', ['s' => $this->pane, 'tile' => Css::colour($this->edges->tile)]);
    }

    private function corners(): Css
    {
        if ($this->edges->corners === 0) {
            return Css::none();
        }
        if ($this->edges->corners === Edges::ROUND) {
            // A tile with lines below its picture is no disc.
            return Css::of('{tile}{s} li>:first-child{border-radius:50%;overflow:clip}', [
                's' => $this->pane, 'tile' => $this->finish->belowPicture() > 0 ? Css::none() : Css::of('{s} li{border-radius:50%}', ['s' => $this->pane]),
            ]);
        }

        return Css::of('{s} li{border-radius:{outer}px}{s} li>:first-child{border-radius:{inner}px;overflow:clip}', [
            's' => $this->pane, 'outer' => $this->edges->corners, 'inner' => self::innerCorners($this->edges),
        ]);
    }

    /** px of the corners of the picture within its frame. */
    public static function innerCorners(Edges $edges): int
    {
        return max(0, $edges->corners - $edges->inset());
    }

    private function shadow(): Css
    {
        if ($this->edges->shadowOpacity === 0) {
            return Css::none();
        }
        // A tile that shows something of itself throws it, else its picture does.
        $caster = $this->edges->tile !== null || $this->edges->lineWidth() > 0 || $this->finish->belowPicture() === 0 ? Css::of('li') : Css::of('li>:first-child');

        return Css::of('{s} {caster}{box-shadow:{x}px {y}px {blur}px {spread}px {colour}}', [
            's' => $this->pane, 'caster' => $caster, 'x' => $this->edges->shadowX, 'y' => $this->edges->shadowY,
            'blur' => $this->edges->shadowBlur, 'spread' => $this->edges->shadowSpread, 'colour' => Css::tone($this->edges->shadowColour, $this->edges->shadowOpacity),
        ]);
    }
}
