<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** Kites of many kinds, drawn about their middle, 100 px high before they are scaled. */
final class Kites
{
    /** Sailcloth colours that go together: three of a kite and one of its tail. */
    public const CLOTHS = [
        ['#e4572e', '#f3e9d2', '#2e3b4e', '#e4572e'],
        ['#1d7874', '#f4c95d', '#0d3b3a', '#f4c95d'],
        ['#3d5a9e', '#f5a25d', '#f6efe0', '#e46f44'],
        ['#b3263a', '#f7d9c4', '#5b1226', '#f2b5a0'],
        ['#f2b134', '#ed553b', '#173f5f', '#3caea3'],
        ['#5f4b8b', '#f7cfd8', '#e69a8d', '#5f4b8b'],
        ['#2f8f4e', '#f6f2d9', '#c23b22', '#f0b429'],
        ['#14213d', '#fca311', '#e5e5e5', '#fca311'],
        ['#d94f70', '#ffd6a5', '#4a6fa5', '#fdffb6'],
        ['#0b8fac', '#ffffff', '#f25f3a', '#0b8fac'],
    ];

    public function __construct(private readonly Sheet $s)
    {
    }

    /**
     * @param  string  $kind  diamond, delta, box, fish, star, sled, foil, bird, roller
     * @param  array{string, string, string, string}  $cloth
     */
    public function draw(string $kind, float $x, float $y, float $size, float $turn, array $cloth, bool $tail = true, bool $lit = false): void
    {
        $shape = match ($kind) {
            'delta' => $this->delta($cloth),
            'box' => $this->box($cloth),
            'fish' => $this->fish($cloth),
            'star' => $this->star($cloth),
            'sled' => $this->sled($cloth),
            'foil' => $this->foil($cloth),
            'bird' => $this->bird($cloth),
            'roller' => $this->roller($cloth),
            default => $this->diamond($cloth),
        };
        $k = $size / 100;
        $ends = $tail && in_array($kind, ['diamond', 'delta', 'star', 'sled'], true) ? $this->tail($cloth, $kind === 'diamond' ? 50.0 : 42.0) : '';
        if ($lit) {
            $halo = $this->s->glow(['0' => "{$cloth[1]}/0.75", '40' => "{$cloth[0]}/0.28", '100' => "{$cloth[0]}/0"]);
            $this->s->add("<circle cx='{$x}' cy='{$y}' r='".($size * 1.25)."' fill='{$halo}'/>");
        }
        $sheen = $this->s->gradient(['0' => '#fff/0.34', '45' => '#fff/0.02', '100' => '#000/0.26'], 0, 0, 1, 1);
        $this->s->add("<g transform='translate({$x},{$y}) rotate({$turn}) scale({$k})'>{$ends}".str_replace('SHEEN', $sheen, $shape).'</g>');
    }

    /** The line from a kite to a hand, sagging. */
    public function line(float $x1, float $y1, float $x2, float $y2, string $colour = '#f6f3ea', float $sag = 0.12): void
    {
        $mx = ($x1 + $x2) / 2;
        $my = ($y1 + $y2) / 2 + hypot($x2 - $x1, $y2 - $y1) * $sag;
        $width = $this->s->unit() * 0.0013;
        $this->s->add("<path d='M{$x1},{$y1} Q{$mx},{$my} {$x2},{$y2}' fill='none' stroke='{$colour}' stroke-width='{$width}' opacity='.75'/>");
    }

    /** Kites one behind another on one line. */
    public function train(string $kind, float $x1, float $y1, float $x2, float $y2, int $count, float $size, float $bend): void
    {
        $line = '';
        for ($i = 0; $i < $count; $i++) {
            $t = $count === 1 ? 0.0 : $i / ($count - 1);
            $x = $x1 + ($x2 - $x1) * $t + sin($t * M_PI) * $bend;
            $y = $y1 + ($y2 - $y1) * $t;
            $line .= ($i === 0 ? 'M' : 'L').round($x, 1).','.round($y, 1);
            $this->draw($kind, $x, $y, $size * (1 - 0.68 * $t), -12 + 26 * $t, self::CLOTHS[$i % count(self::CLOTHS)], $i === 0);
        }
        $this->s->add("<path d='{$line}' fill='none' stroke='#f6f3ea' stroke-width='".($this->s->unit() * 0.0014)."' opacity='.6'/>");
    }

    /** A lantern of paper, lit from within. */
    public function lantern(float $x, float $y, float $size, string $colour): void
    {
        $halo = $this->s->glow(['0' => "{$colour}/0.85", '25' => "{$colour}/0.34", '100' => "{$colour}/0"]);
        $body = $this->s->gradient(['0' => '#fff4cf', '45' => $colour, '100' => '#7c2d12']);
        $k = $size / 100;
        $this->s->add("<circle cx='{$x}' cy='{$y}' r='".($size * 1.7)."' fill='{$halo}'/>", "<g transform='translate({$x},{$y}) scale({$k})'><path d='M-26,-36 Q-44,0 -24,38 L24,38 Q44,0 26,-36 Z' fill='{$body}'/><path d='M-35,-14 Q0,-8 35,-14 M-36,8 Q0,15 36,8' fill='none' stroke='#5f1d0c' stroke-width='1.6' opacity='.6'/><rect x='-26' y='-42' width='52' height='7' fill='#3a1c10'/><rect x='-24' y='36' width='48' height='6' fill='#3a1c10'/></g>");
    }

    /** @param  array{string, string, string, string}  $c */
    private function diamond(array $c): string
    {
        return "<path d='M0,-52 L-38,-10 L0,50 Z' fill='{$c[0]}'/><path d='M0,-52 L38,-10 L0,50 Z' fill='{$c[1]}'/><path d='M0,-52 L-38,-10 L0,-10 Z' fill='{$c[2]}'/><path d='M38,-10 L0,50 L0,-10 Z' fill='{$c[0]}' opacity='.86'/><path d='M0,-52 L38,-10 L0,50 L-38,-10 Z' fill='SHEEN' stroke='#1c2126' stroke-width='.9'/><path d='M0,-52 V50 M-38,-10 H38' stroke='#2b2018' stroke-width='1.1' opacity='.75'/><path d='M-19,-31 L-17,-8 M19,-31 L17,-8' stroke='#fff' stroke-width='.5' opacity='.5'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function delta(array $c): string
    {
        return "<path d='M0,-40 L-78,34 L-30,26 L0,38 Z' fill='{$c[0]}'/><path d='M0,-40 L78,34 L30,26 L0,38 Z' fill='{$c[0]}'/><path d='M0,-40 L-50,30 L-30,26 L0,38 Z' fill='{$c[1]}'/><path d='M0,-40 L50,30 L30,26 L0,38 Z' fill='{$c[1]}'/><path d='M0,-40 L-14,33 L0,38 L14,33 Z' fill='{$c[2]}'/><path d='M0,-40 L78,34 L30,26 L0,38 L-30,26 L-78,34 Z' fill='SHEEN' stroke='#1c2126' stroke-width='.9'/><path d='M0,-40 V38 M-42,0 H42' stroke='#2b2018' stroke-width='1.1' opacity='.7'/><path d='M0,-16 L-9,30 L9,30 Z' fill='#000' opacity='.16'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function box(array $c): string
    {
        $cell = static fn (int $y, string $a, string $b): string => "<path d='M-34,{$y} L0,".($y + 12).' L0,'.($y + 40).' L-34,'.($y + 28)." Z' fill='{$a}'/><path d='M34,{$y} L0,".($y + 12).' L0,'.($y + 40).' L34,'.($y + 28)." Z' fill='{$b}'/><path d='M-34,{$y} L0,".($y - 10)." L34,{$y} L0,".($y + 12)." Z' fill='{$a}' opacity='.5'/><path d='M34,{$y} L0,".($y + 12).' L0,'.($y + 40).' L34,'.($y + 28)." Z' fill='#000' opacity='.18'/>";

        return $cell(-48, $c[0], $c[1]).$cell(10, $c[1], $c[0])."<path d='M-34,-52 V44 M34,-52 V44 M0,-62 V56' stroke='#5b432c' stroke-width='2'/><path d='M-34,-20 L34,10 M34,-20 L-34,10' stroke='#5b432c' stroke-width='1' opacity='.55'/><path d='M-34,-48 L0,-36 L34,-48 L34,-20 L0,-8 L-34,-20 Z M-34,10 L0,22 L34,10 L34,38 L0,50 L-34,38 Z' fill='SHEEN' stroke='#1c2126' stroke-width='.7'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function fish(array $c): string
    {
        $scales = '';
        for ($i = 0; $i < 5; $i++) {
            $scales .= "<path d='M".(-18 + $i * 14).",-20 q11,20 0,40' fill='none' stroke='{$c[2]}' stroke-width='2.6' opacity='.8'/>";
        }

        return "<path d='M-56,0 Q-40,-27 0,-25 Q40,-22 58,-6 L86,-26 Q76,0 86,26 L58,6 Q40,22 0,25 Q-40,27 -56,0 Z' fill='{$c[0]}'/><path d='M-56,0 Q-40,27 0,25 Q40,22 58,6 L86,26 Q80,12 80,0 Z' fill='{$c[1]}' opacity='.9'/><path d='M-6,-25 Q10,-46 30,-40 Q26,-30 24,-22 Z M-4,25 Q8,40 24,36 L18,23 Z' fill='{$c[3]}'/>{$scales}<circle cx='-38' cy='-5' r='6' fill='#fff'/><circle cx='-39' cy='-5' r='3' fill='#15181b'/><path d='M-56,0 Q-40,-27 0,-25 Q40,-22 58,-6 L86,-26 Q76,0 86,26 L58,6 Q40,22 0,25 Q-40,27 -56,0 Z' fill='SHEEN' stroke='#1c2126' stroke-width='.8'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function star(array $c): string
    {
        $points = [];
        for ($i = 0; $i < 6; $i++) {
            $points[] = [50 * sin(M_PI * $i / 3), -50 * cos(M_PI * $i / 3)];
        }
        $shape = '';
        foreach ($points as $i => [$x, $y]) {
            [$nx, $ny] = $points[($i + 1) % 6];
            $shape .= "<path d='M0,0 L{$x},{$y} L{$nx},{$ny} Z' fill='{$c[$i % 3]}'/>";
        }
        $outline = 'M'.implode(' L', array_map(static fn (array $p): string => round($p[0], 2).','.round($p[1], 2), $points)).' Z';

        return $shape."<circle r='15' fill='{$c[3]}'/><circle r='8' fill='{$c[2]}'/><path d='{$outline}' fill='SHEEN' stroke='#1c2126' stroke-width='.9'/><path d='M0,-50 V50 M-43,-25 L43,25 M43,-25 L-43,25' stroke='#2b2018' stroke-width='1.1' opacity='.6'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function sled(array $c): string
    {
        return "<path d='M-22,-46 L22,-46 L48,-14 L22,46 L-22,46 L-48,-14 Z' fill='{$c[0]}'/><path d='M-22,-46 L-48,-14 L-22,46 Z' fill='{$c[1]}'/><path d='M22,-46 L48,-14 L22,46 Z' fill='{$c[1]}'/><path d='M-22,-20 L22,-20 L22,0 L-22,0 Z' fill='{$c[2]}'/><path d='M0,18 l9,18 h-18 Z' fill='{$c[3]}'/><path d='M-22,-46 L22,-46 L48,-14 L22,46 L-22,46 L-48,-14 Z' fill='SHEEN' stroke='#1c2126' stroke-width='.9'/><path d='M-22,-46 V46 M22,-46 V46' stroke='#2b2018' stroke-width='1.4' opacity='.7'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function foil(array $c): string
    {
        $cells = '';
        for ($i = 0; $i < 9; $i++) {
            $t0 = -1 + $i * 2 / 9;
            $t1 = $t0 + 2 / 9;
            $f = static fn (float $t, float $d): string => round($t * 80, 1).','.round(-18 + 30 * $t * $t + $d, 1);
            $cells .= "<path d='M{$f($t0, -16)} L{$f($t1, -16)} L{$f($t1, 18)} L{$f($t0, 18)} Z' fill='{$c[[0, 1, 0, 2, 3, 2, 0, 1, 0][$i]]}' stroke='#1c2126' stroke-width='.5'/><path d='M{$f($t0, -16)} L{$f($t1, -16)} L{$f($t1, -8)} L{$f($t0, -8)} Z' fill='#000' opacity='.22'/><path d='M{$f($t0, 18)} L0,92' stroke='#f4f1e8' stroke-width='.5' opacity='.7'/>";
        }

        return $cells."<path d='M-80,-4 Q0,-64 80,-4 L80,30 Q0,-30 -80,30 Z' fill='SHEEN' opacity='.7'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function bird(array $c): string
    {
        return "<path d='M0,-30 Q-30,-48 -92,-22 Q-60,-16 -44,2 Q-22,4 -8,16 L-16,48 L0,40 L16,48 L8,16 Q22,4 44,2 Q60,-16 92,-22 Q30,-48 0,-30 Z' fill='{$c[0]}'/><path d='M0,-30 Q-16,-38 -48,-32 Q-30,-14 -8,16 L0,40 L8,16 Q30,-14 48,-32 Q16,-38 0,-30 Z' fill='{$c[1]}'/><path d='M-92,-22 Q-76,-32 -64,-33 Q-60,-22 -52,-12 Q-66,-20 -92,-22 Z M92,-22 Q76,-32 64,-33 Q60,-22 52,-12 Q66,-20 92,-22 Z' fill='{$c[2]}'/><circle cy='-27' r='8' fill='{$c[2]}'/><path d='M0,-30 Q-30,-48 -92,-22 Q-60,-16 -44,2 Q-22,4 -8,16 L-16,48 L0,40 L16,48 L8,16 Q22,4 44,2 Q60,-16 92,-22 Q30,-48 0,-30 Z' fill='SHEEN' stroke='#1c2126' stroke-width='.8'/><path d='M-70,-24 Q0,-34 70,-24' stroke='#2b2018' stroke-width='1' fill='none' opacity='.6'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function roller(array $c): string
    {
        return "<path d='M0,-46 L-40,-24 L0,-4 L40,-24 Z' fill='{$c[0]}'/><path d='M0,-46 L40,-24 L0,-4 Z' fill='{$c[1]}'/><path d='M0,12 L-24,24 L0,46 L24,24 Z' fill='{$c[2]}'/><path d='M0,12 L24,24 L0,46 Z' fill='{$c[3]}'/><path d='M0,-46 L40,-24 L0,-4 L-40,-24 Z M0,12 L24,24 L0,46 L-24,24 Z' fill='SHEEN' stroke='#1c2126' stroke-width='.9'/><path d='M0,-52 V50' stroke='#2b2018' stroke-width='1.5'/><path d='M-40,-24 H40 M-24,24 H24' stroke='#2b2018' stroke-width='1' opacity='.6'/>";
    }

    /** @param  array{string, string, string, string}  $c */
    private function tail(array $c, float $from): string
    {
        $sway = $this->s->between(-16, 16);
        $d = "M0,{$from} C{$sway},".($from + 30).' '.(-$sway * 1.4).','.($from + 54).' '.($sway * 0.8).','.($from + 88).' S'.(-$sway).','.($from + 118).' '.($sway * 1.2).','.($from + 140);
        $bows = '';
        foreach ([0.2, 0.42, 0.64, 0.86] as $i => $t) {
            $bx = sin($t * 7 + $sway) * 5 + $sway * 0.3;
            $by = $from + 140 * $t;
            $bows .= "<path d='M{$bx},{$by} l-9,-5 v10 Z m0,0 l9,-5 v10 Z' fill='{$c[$i % 3]}' stroke='#1c2126' stroke-width='.4'/>";
        }

        return "<path d='{$d}' fill='none' stroke='{$c[3]}' stroke-width='2.6' stroke-linecap='round'/>{$bows}";
    }
}
