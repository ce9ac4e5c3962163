<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** Skies, the marsh, water, the dyke, and what stands on it. */
final class Outdoors
{
    /** Skies: top, upper, lower, horizon; cloud light, cloud dark; haze. */
    private const SKIES = [
        'noon' => ['#2f78b7', '#6aa6d2', '#aed0e4', '#e6eee6', '#ffffff', '#7f97ab', '#cfe0e6'],
        'clear' => ['#174f8f', '#3c83bf', '#86bad9', '#d7e8e4', '#ffffff', '#8fa9bb', '#c4dbe4'],
        'morning' => ['#5b8fb0', '#9dbfc9', '#e4d9c4', '#f7e3bd', '#fff6e6', '#a59c98', '#efe1c8'],
        'evening' => ['#394a72', '#86698a', '#d98a74', '#f6c178', '#ffd9a8', '#5d4a63', '#eab585'],
        'rose' => ['#514f78', '#a77f94', '#e5a897', '#f8d7ad', '#ffe6d2', '#7b5d73', '#eec3a8'],
        'storm' => ['#2b3642', '#4c5a66', '#83908f', '#c3bd9c', '#b9c2c2', '#1c242d', '#a9aa98'],
        'grey' => ['#8b9aa3', '#a9b5b9', '#c5ccca', '#dcddd4', '#f3f4f1', '#76848c', '#d0d5d1'],
        'teal' => ['#0f6a86', '#3f9bad', '#97c9c6', '#f0ebc9', '#fbfff6', '#5b8b96', '#cfe0cf'],
        'dusk' => ['#0e1a36', '#243a63', '#5c5f86', '#b87f7c', '#8690b0', '#121a30', '#6d6a86'],
        'night' => ['#050a18', '#0b1630', '#15274a', '#2a3c5e', '#31456c', '#040812', '#22324f'],
    ];

    public function __construct(private readonly Sheet $s)
    {
    }

    /** @param  float  $horizon share of the height */
    public function sky(string $kind, float $horizon, float $clouds = 1.0): void
    {
        [$top, $upper, $lower, $low, $light, $dark] = self::SKIES[$kind];
        $h = $this->s->height * $horizon;
        $fill = $this->s->gradient(['0' => $top, '38' => $upper, '74' => $lower, '100' => $low]);
        $this->s->add("<rect width='100%' height='".($h + 4)."' fill='{$fill}'/>");
        if ($clouds <= 0) {
            return;
        }
        $f = 2.1 / $this->s->unit();
        $fade = $this->s->define("<mask id='%id%'><rect width='{$this->s->width}' height='{$this->s->height}' fill='".$this->s->gradient(['0' => '#fff/0.9', '45' => '#fff/0.75', (string) round(100 * $horizon * 0.9) => '#fff/0.2', (string) round(100 * $horizon) => '#fff/0'])."'/></mask>");
        foreach ([[1.0, 2.6, $dark, 0.42], [1.15, 3.0, $light, 0.95], [2.4, 6.4, $light, 0.5]] as [$sx, $sy, $colour, $strength]) {
            $most = round($strength * $clouds, 2);
            $part = round($most * 0.55, 2);
            $this->s->add("<g mask='{$fade}'>".$this->s->veil($this->s->noise($f * $sx, $f * $sy, 5, $colour, "0 0 0 0.04 {$part} {$most} {$most}"), 0, $h).'</g>');
        }
    }

    public function sun(float $x, float $y, float $r, string $colour, float $strength = 0.9): void
    {
        $u = $this->s->unit();
        $halo = $this->s->glow(['0' => "{$colour}/{$strength}", '18' => "{$colour}/".($strength * 0.5), '100' => "{$colour}/0"]);
        $this->s->add("<circle cx='{$x}' cy='{$y}' r='".($u * $r * 7)."' fill='{$halo}'/>", "<circle cx='{$x}' cy='{$y}' r='".($u * $r)."' fill='{$colour}' filter='".$this->s->blur($u * $r * 0.08)."' opacity='{$strength}'/>");
    }

    public function stars(float $horizon, int $count): void
    {
        for ($i = 0; $i < $count; $i++) {
            $o = round($this->s->between(0.25, 0.95), 2);
            $r = $this->s->between(0.0005, 0.0016) * $this->s->unit();
            $this->s->add("<circle cx='".$this->s->between(0, $this->s->width)."' cy='".$this->s->between(0, $this->s->height * $horizon * 0.9)."' r='{$r}' fill='#eef3ff' opacity='{$o}'/>");
        }
    }

    /**
     * Far rises, then the flat marsh with its creeks.
     *
     * @param  array{string, string, string}  $greens  far, middle, near
     */
    public function marsh(string $sky, float $horizon, array $greens, bool $creek = true): void
    {
        $haze = self::SKIES[$sky][6];
        $w = $this->s->width;
        $h = $this->s->height;
        $u = $this->s->unit();
        $this->s->add($this->ridge($horizon, 0.022, 6, $this->s->gradient(['0' => $greens[0], '100' => $haze]), 0.85));
        $this->s->add("<g filter='".$this->s->blur($u * 0.0012)."'>".$this->ridge($horizon + 0.012, 0.014, 11, $greens[0], 0.9).'</g>');
        $ground = $this->s->gradient(['0' => $haze, '9' => $greens[1], '55' => $greens[1], '100' => $greens[2]]);
        $y = $h * ($horizon + 0.022);
        $this->s->add("<rect x='0' y='{$y}' width='{$w}' height='".($h - $y)."' fill='{$ground}'/>");
        if ($creek) {
            $this->creek($sky, $y);
        }
        $f = 26 / $u;
        $this->s->add($this->s->veil($this->s->noise($f * 0.25, $f, 3, '#101a0c', '0 0 0.05 0.3 0.45'), $y, $h - $y));
        $this->s->add($this->s->veil($this->s->noise($f * 0.5, $f * 2.2, 2, '#e8dfae', '0 0 0 0.1 0.24'), $y, $h - $y));
        $this->grass($y, $h, $greens[2]);
    }

    /** A raised path across the picture that people stand on. */
    public function dyke(float $crest, string $colour, string $shade): float
    {
        $w = $this->s->width;
        $h = $this->s->height;
        $y = $h * $crest;
        $fill = $this->s->gradient(['0' => $colour, '22' => $colour, '100' => $shade]);
        $this->s->add("<path d='M0,{$y} C".($w * 0.3).','.($y - $h * 0.012).' '.($w * 0.7).','.($y + $h * 0.01)." {$w},".($y - $h * 0.006)." L{$w},{$h} L0,{$h} Z' fill='{$fill}'/>");
        $f = 30 / $this->s->unit();
        $this->s->add($this->s->veil($this->s->noise($f * 0.5, $f * 1.4, 3, '#0e170b', '0 0 0.06 0.32 0.42'), $y + 2, $h - $y));
        $this->grass($y, $h, $shade, 0.5);

        return $y;
    }

    /** Someone standing, seen against the light. @param  float  $size height in px */
    public function person(float $x, float $y, float $size, string $coat, bool $armUp = false, int $facing = 1): void
    {
        $k = $size / 100;
        $arm = $armUp
            ? "<path d='M4,-66 L21,-88 L23,-97' stroke='{$coat}' stroke-width='6.5' fill='none' stroke-linecap='round' stroke-linejoin='round'/>"
            : "<path d='M5,-66 Q16,-52 12,-40' stroke='{$coat}' stroke-width='7' fill='none' stroke-linecap='round'/>";
        $hat = $this->s->pick(["<path d='M-8,-91 Q0,-103 8,-91 Z' fill='#2a2420'/>", '', '', "<path d='M-8,-88 Q0,-104 8,-88 L8,-82 L-8,-82 Z' fill='{$coat}'/>"]);
        $lean = $this->s->between(-4, 4);
        $this->s->add("<g transform='translate({$x},{$y}) scale(".($k * $facing).",{$k}) rotate({$lean})'><ellipse cx='3' cy='0' rx='17' ry='3.2' fill='#000' opacity='.3'/>"
            ."<path d='M-8,0 L-7,-36 L8,-36 L9,0 L3,0 L1,-28 L-3,0 Z' fill='#23272c'/>"
            ."<path d='M-10,-34 Q-13,-66 -6,-74 Q0,-78 6,-74 Q13,-64 10,-34 Z' fill='{$coat}'/>"
            ."<path d='M2,-76 Q12,-64 10,-34 L4,-34 Z' fill='#000' opacity='.22'/>"
            .$arm."<circle cx='0' cy='-86' r='8' fill='#a9785a'/>{$hat}</g>");
    }

    public function crowd(float $y, int $count, float $size, float $from = 0.02, float $to = 0.98): void
    {
        $coats = ['#8c3b2e', '#2f4a5c', '#c08a3a', '#39513c', '#5d4a6b', '#1f2f3c', '#b9b3a4', '#7a2f45', '#3f6f73', '#d0a24a'];
        for ($i = 0; $i < $count; $i++) {
            $x = $this->s->width * ($from + ($to - $from) * ($i + $this->s->between(0.1, 0.9)) / $count);
            $k = $size * $this->s->between(0.72, 1.1);
            $this->person($x, $y + $this->s->between(-0.1, 0.3) * $size, $k, $this->s->pick($coats), $this->s->whole(0, 3) === 0, $this->s->pick([1, -1]));
        }
    }

    public function tent(float $x, float $y, float $size, string $a, string $b): void
    {
        $stripes = '';
        for ($i = 0; $i < 6; $i++) {
            $x0 = -50 + $i * 100 / 6;
            $x1 = $x0 + 100 / 6;
            $c = $i % 2 === 0 ? $a : $b;
            $stripes .= "<path d='M".($x0 * 0.1).",-78 L{$x0},-40 L{$x1},-40 L".($x1 * 0.1).",-78 Z' fill='{$c}'/><path d='M{$x0},-40 L{$x1},-40 L".($x1 * 0.94).',0 L'.($x0 * 0.94).",0 Z' fill='{$c}'/>";
        }
        $this->s->add("<g transform='translate({$x},{$y}) scale(".($size / 100).")'>{$stripes}<path d='M0,-78 L50,-40 L47,0 L12,0 Z' fill='#000' opacity='.16'/><path d='M-8,0 L0,-34 L9,0 Z' fill='#1c2024' opacity='.75'/><path d='M0,-78 V-96 L16,-90 L0,-85' fill='{$a}' stroke='#444' stroke-width='1'/></g>");
    }

    public function hut(float $x, float $y, float $size, string $wall, string $roof): void
    {
        $boards = '';
        for ($i = 0; $i < 15; $i++) {
            $bx = -60 + $i * 8;
            $boards .= "<rect x='{$bx}' y='-62' width='7.4' height='62' fill='{$wall}'/><rect x='{$bx}' y='-62' width='7.4' height='62' fill='#000' opacity='".round($this->s->between(0, 0.2), 2)."'/>";
        }
        $this->s->add("<g transform='translate({$x},{$y}) scale(".($size / 100).")' filter='".$this->s->shadow(2, 3, 4, 0.4)."'>{$boards}<path d='M-70,-60 L-4,-98 L70,-60 Z' fill='{$roof}'/><path d='M-4,-98 L70,-60 L60,-60 L-4,-92 Z' fill='#fff' opacity='.12'/><rect x='-44' y='-44' width='22' height='20' fill='#ffe2a0'/><path d='M-33,-44 V-24 M-44,-34 H-22' stroke='#2a2420' stroke-width='2'/><rect x='14' y='-44' width='24' height='44' fill='#243038'/><rect x='17' y='-41' width='18' height='41' fill='#315058'/></g>");
    }

    /** A flat-bottomed creek boat with its mirror image. */
    public function boat(float $x, float $y, float $size, string $hull, string $sail = ''): void
    {
        $mast = $sail === '' ? "<path d='M-8,-10 V-70' stroke='#4a3a2c' stroke-width='2.4'/>" : "<path d='M-4,-12 V-108' stroke='#4a3a2c' stroke-width='2.6'/><path d='M-1,-104 Q46,-62 44,-20 L-1,-20 Z' fill='{$sail}'/><path d='M-1,-104 Q16,-62 14,-20 L-1,-20 Z' fill='#000' opacity='.14'/><path d='M-7,-96 L-34,-22 L-7,-22 Z' fill='{$sail}' opacity='.9'/>";
        $body = "{$mast}<path d='M-62,-14 Q0,-6 66,-18 L52,4 Q0,10 -50,4 Z' fill='{$hull}'/><path d='M-62,-14 Q0,-6 66,-18 L64,-13 Q0,-1 -60,-9 Z' fill='#f1ead8'/><path d='M10,-12 L52,-14 L48,2 L12,5 Z' fill='#000' opacity='.18'/>";
        $k = $size / 100;
        $this->s->add("<g transform='translate({$x},{$y}) scale({$k},".(-$k * 0.7).") translate(0,-4)' opacity='.36' filter='".$this->s->blur(2.2)."'>{$body}</g>", "<g transform='translate({$x},{$y}) scale({$k})'>{$body}</g>");
    }

    /** Still water from a line down to the bottom, mirroring a sky. */
    public function water(string $sky, float $from): void
    {
        [$top, $upper, $lower, $low] = self::SKIES[$sky];
        $y = $this->s->height * $from;
        $fill = $this->s->gradient(['0' => $low, '30' => $lower, '75' => $upper, '100' => $top]);
        $this->s->add("<rect x='0' y='{$y}' width='100%' height='".($this->s->height - $y)."' fill='{$fill}'/>");
        $f = 9 / $this->s->unit();
        $this->s->add($this->s->veil($this->s->noise($f * 0.5, $f * 6, 3, '#ffffff', '0 0 0 0.06 0.3 0.4'), $y, $this->s->height - $y));
        $this->s->add($this->s->veil($this->s->noise($f * 0.35, $f * 4, 3, '#071420', '0 0 0.05 0.3 0.4'), $y, $this->s->height - $y));
    }

    private function ridge(float $at, float $swing, int $steps, string $fill, float $opacity): string
    {
        $w = $this->s->width;
        $h = $this->s->height;
        $x = 0.0;
        $y = $h * ($at + $this->s->between(-$swing, $swing / 3));
        $d = "M0,{$h} L0,{$y}";
        for ($i = 1; $i <= $steps; $i++) {
            $nx = $w * $i / $steps;
            $ny = $h * ($at + $this->s->between(-$swing, $swing / 3));
            $d .= ' C'.($x + ($nx - $x) / 2).",{$y} ".($x + ($nx - $x) / 2).",{$ny} {$nx},{$ny}";
            [$x, $y] = [$nx, $ny];
        }

        return "<path d='{$d} L{$w},{$h} Z' fill='{$fill}' opacity='{$opacity}'/>";
    }

    private function creek(string $sky, float $y): void
    {
        [, $upper, $lower, $low] = self::SKIES[$sky];
        $w = $this->s->width;
        $h = $this->s->height - $y;
        $at = $w * $this->s->between(0.25, 0.75);
        $fill = $this->s->gradient(['0' => $low, '45' => $lower, '100' => $upper]);
        $bend = $w * $this->s->between(-0.2, 0.2);
        $this->s->add("<path d='M".($at - $w * 0.012).','.($y + $h * 0.02).' C'.($at - $w * 0.1).','.($y + $h * 0.16).' '.($at + $bend).','.($y + $h * 0.2).' '.($at + $bend * 0.4).','.($y + $h * 0.4).' C'.($at - $bend).','.($y + $h * 0.62).' '.($at - $bend * 0.6).','.($y + $h * 0.8).' '.($at + $bend * 1.2).','.($y + $h * 1.02).' L'.($at + $bend * 1.2 + $w * 0.24).','.($y + $h * 1.02).' C'.($at - $bend * 0.2 + $w * 0.1).','.($y + $h * 0.8).' '.($at - $bend * 0.6 + $w * 0.12).','.($y + $h * 0.6).' '.($at + $bend * 0.6 + $w * 0.06).','.($y + $h * 0.4).' C'.($at + $bend + $w * 0.02).','.($y + $h * 0.2).' '.($at - $w * 0.02).','.($y + $h * 0.14).' '.($at + $w * 0.014).','.($y + $h * 0.02)." Z' fill='{$fill}'/>");
    }

    private function grass(float $from, float $to, string $colour, float $share = 1.0): void
    {
        $count = (int) (420 * $share);
        $d = '';
        for ($i = 0; $i < $count; $i++) {
            $t = sqrt($this->s->between(0, 1));
            $x = $this->s->between(-0.01, 1.01) * $this->s->width;
            $y = $from + ($to - $from) * (0.06 + 0.98 * $t);
            $l = $this->s->unit() * (0.004 + 0.04 * $t ** 2) * $this->s->between(0.6, 1.2);
            $d .= 'M'.round($x).','.round($y).' q'.round($l * 0.1, 1).','.round(-$l * 0.6, 1).' '.round($l * $this->s->between(0.15, 0.6), 1).','.round(-$l, 1);
        }
        $width = $this->s->unit() * 0.0016;
        $this->s->add("<path d='{$d}' stroke='{$colour}' stroke-width='{$width}' fill='none' opacity='.85'/>", "<path d='{$d}' stroke='#f0e2a8' stroke-width='".($width * 0.5)."' fill='none' opacity='.28' transform='translate(".($width * 1.5).",0)'/>");
    }
}
