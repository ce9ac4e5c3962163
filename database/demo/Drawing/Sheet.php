<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** One picture in the making: SVG shapes, shared definitions, and chance with a fixed seed. */
final class Sheet
{
    private readonly Randomizer $chance;

    /** @var list<string> */
    private array $shapes = [];

    /** @var list<string> */
    private array $definitions = [];

    private int $count = 0;

    public function __construct(public readonly int $width, public readonly int $height, private readonly int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** The short side: lengths that should look alike in any shape are told in shares of it. */
    public function unit(): float
    {
        return min($this->width, $this->height);
    }

    public function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->chance->getInt(0, 1_000_000) / 1_000_000;
    }

    public function whole(int $least, int $most): int
    {
        return $this->chance->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function pick(array $of): mixed
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }

    public function add(string ...$shapes): void
    {
        array_push($this->shapes, ...$shapes);
    }

    /** Adds a definition; `%id%` in it becomes its name, which is returned as `url(#…)`. */
    public function define(string $definition): string
    {
        $id = 'd'.++$this->count;
        $this->definitions[] = str_replace('%id%', $id, $definition);

        return "url(#{$id})";
    }

    /**
     * @param  array<array-key, string>  $stops  colours by offset in per cent; "#fff/0.4" has an opacity
     */
    public function gradient(array $stops, float $x1 = 0, float $y1 = 0, float $x2 = 0, float $y2 = 1): string
    {
        return $this->define("<linearGradient id='%id%' x1='{$x1}' y1='{$y1}' x2='{$x2}' y2='{$y2}'>".self::stops($stops).'</linearGradient>');
    }

    /**
     * @param  array<array-key, string>  $stops
     */
    public function glow(array $stops, float $cx = 0.5, float $cy = 0.5, float $r = 0.5): string
    {
        return $this->define("<radialGradient id='%id%' cx='{$cx}' cy='{$cy}' r='{$r}'>".self::stops($stops).'</radialGradient>');
    }

    public function blur(float $radius): string
    {
        $r = round($radius, 2);

        return $this->define("<filter id='%id%' x='-50%' y='-50%' width='200%' height='200%'><feGaussianBlur stdDeviation='{$r}'/></filter>");
    }

    public function shadow(float $dx, float $dy, float $radius, float $opacity): string
    {
        return $this->define("<filter id='%id%' x='-50%' y='-50%' width='200%' height='200%'><feGaussianBlur in='SourceAlpha' stdDeviation='{$radius}'/><feOffset dx='{$dx}' dy='{$dy}'/><feColorMatrix values='0 0 0 0 .04  0 0 0 0 .05  0 0 0 0 .06  0 0 0 {$opacity} 0'/><feMerge><feMergeNode/><feMergeNode in='SourceGraphic'/></feMerge></filter>");
    }

    /**
     * Fractal noise as a veil of one colour.
     *
     * @param  string  $alpha  table of opacities from no to full noise
     */
    public function noise(float $fx, float $fy, int $octaves, string $colour, string $alpha): string
    {
        $seed = $this->whole(1, 9999);
        [$r, $g, $b] = array_map(static fn (string $hex): float => round(hexdec($hex) / 255, 3), str_split(ltrim($colour, '#'), 2));

        return $this->define("<filter id='%id%' x='0' y='0' width='100%' height='100%' color-interpolation-filters='sRGB'>"
            ."<feTurbulence type='fractalNoise' baseFrequency='{$fx} {$fy}' numOctaves='{$octaves}' seed='{$seed}'/>"
            ."<feColorMatrix values='0 0 0 0 {$r}  0 0 0 0 {$g}  0 0 0 0 {$b}  1.4 0 0 0 -0.2'/>"
            ."<feComponentTransfer><feFuncA type='table' tableValues='{$alpha}'/></feComponentTransfer></filter>");
    }

    public function veil(string $filter, float $y = 0, ?float $height = null, string $more = ''): string
    {
        return "<rect x='0' y='{$y}' width='{$this->width}' height='".($height ?? $this->height)."' filter='{$filter}' {$more}/>";
    }

    /** Light falling off to the corners, and grain. */
    public function finish(float $vignette = 0.35, float $grain = 0.05): string
    {
        $dark = $this->glow(['0' => '#000/0', '62' => '#000/0', '100' => "#05080c/{$vignette}"], 0.5, 0.48, 0.78);
        $this->add("<rect width='100%' height='100%' fill='{$dark}'/>");
        $this->add($this->veil($this->noise(0.45, 0.45, 2, '#f4f0e8', "0 0 {$grain} {$grain}")));
        $this->add($this->veil($this->noise(0.45, 0.45, 2, '#0c1014', "0 0 {$grain} {$grain}")));

        return "<svg xmlns='http://www.w3.org/2000/svg' width='{$this->width}' height='{$this->height}' viewBox='0 0 {$this->width} {$this->height}'><defs>"
            .implode('', $this->definitions).'</defs>'.implode("\n", $this->shapes).'</svg>';
    }

    /**
     * @param  array<array-key, string>  $stops
     */
    private static function stops(array $stops): string
    {
        $written = '';
        foreach ($stops as $offset => $colour) {
            [$hex, $opacity] = array_pad(explode('/', $colour), 2, '1');
            $written .= "<stop offset='{$offset}%' stop-color='{$hex}' stop-opacity='{$opacity}'/>";
        }

        return $written;
    }
}
