<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** The workshop: boards, cloth, and the things that lie on the bench. */
final class Indoors
{
    public function __construct(private readonly Sheet $s)
    {
    }

    /** Boards filling a part of the picture, lit from one corner. */
    public function boards(float $y, float $height, string $wood, string $dark, int $rows, bool $upright = false): void
    {
        $w = $this->s->width;
        $this->s->add("<rect x='0' y='{$y}' width='{$w}' height='{$height}' fill='{$wood}'/>");
        $span = $upright ? $w : $height;
        for ($i = 0; $i < $rows; $i++) {
            $o = round($this->s->between(0, 0.26), 3);
            $at = $span * $i / $rows;
            $box = $upright ? "x='{$at}' y='{$y}' width='".($span / $rows)."' height='{$height}'" : "x='0' y='".($y + $at)."' width='{$w}' height='".($span / $rows)."'";
            $this->s->add("<rect {$box} fill='{$dark}' opacity='{$o}'/>");
        }
        $f = 3 / $this->s->unit();
        [$fx, $fy] = $upright ? [$f * 14, $f] : [$f, $f * 14];
        $this->s->add($this->s->veil($this->s->noise($fx, $fy, 5, $dark, '0 0 0.1 0.5 0.6'), $y, $height));
        $this->s->add($this->s->veil($this->s->noise($fx * 3, $fy * 3, 3, '#fff0d0', '0 0 0 0.12 0.22'), $y, $height));
        for ($i = 1; $i < $rows; $i++) {
            $at = $span * $i / $rows;
            $edge = $this->s->unit() * 0.003;
            $box = $upright ? "x='{$at}' y='{$y}' width='{$edge}' height='{$height}'" : "x='0' y='".($y + $at)."' width='{$w}' height='{$edge}'";
            $this->s->add("<rect {$box} fill='#140c06' opacity='.62'/>");
        }
    }

    /** Light falling in from a side. */
    public function light(float $cx, float $cy, string $colour = '#ffe9c0', float $strength = 0.5): void
    {
        $strength = round($strength * 0.4, 3);
        $glow = $this->s->glow(['0' => "{$colour}/{$strength}", '100' => "{$colour}/0"], $cx, $cy, 0.85);
        $dark = $this->s->glow(['0' => '#06080a/0', '100' => '#06080a/0.58'], $cx, $cy, 1.05);
        $this->s->add("<rect width='100%' height='100%' fill='{$dark}'/><rect width='100%' height='100%' fill='{$glow}'/>");
    }

    public function window(float $x, float $y, float $w, float $h): void
    {
        $sky = $this->s->gradient(['0' => '#bcd9e8', '60' => '#e8efe6', '62' => '#9fae84', '100' => '#74875c']);
        $t = $w * 0.035;
        $this->s->add("<g filter='".$this->s->shadow(0, 6, 10, 0.4)."'><rect x='".($x - $t * 2)."' y='".($y - $t * 2)."' width='".($w + $t * 4)."' height='".($h + $t * 4)."' fill='#6d5a45'/></g><rect x='{$x}' y='{$y}' width='{$w}' height='{$h}' fill='{$sky}'/><path d='M".($x + $w / 3).",{$y} v{$h} M".($x + 2 * $w / 3).",{$y} v{$h} M{$x},".($y + $h / 2)." h{$w}' stroke='#6d5a45' stroke-width='{$t}'/>");
    }

    /** A sheet of cloth: weave, folds, a soft edge. @param  float  $turn degrees */
    public function cloth(float $x, float $y, float $w, float $h, float $turn, string $colour, string $stripe = ''): void
    {
        $fold = '';
        for ($i = 0; $i < 5; $i++) {
            $fx = $w * $this->s->between(0.05, 0.95);
            $fw = $w * $this->s->between(0.03, 0.09);
            $g = $this->s->gradient(['0' => '#000/0', '45' => '#000/0.3', '55' => '#fff/0.32', '100' => '#fff/0'], 0, 0, 1, 0);
            $fold .= "<path d='M{$fx},0 L".($fx + $fw).',0 L'.($fx + $fw + $w * 0.06).",{$h} L".($fx + $w * 0.04).",{$h} Z' fill='{$g}'/>";
        }
        $bands = '';
        if ($stripe !== '') {
            for ($i = 0; $i < 4; $i++) {
                $bands .= "<rect x='0' y='".($h * (0.08 + 0.24 * $i))."' width='{$w}' height='".($h * 0.09)."' fill='{$stripe}'/>";
            }
        }
        $step = max(3, $this->s->unit() * 0.0045);
        $weave = $this->s->define("<pattern id='%id%' width='{$step}' height='{$step}' patternUnits='userSpaceOnUse'><path d='M0,0 H{$step} M0,".($step / 2)." H{$step}' stroke='#000' stroke-width='.8' opacity='.2'/><path d='M0,0 V{$step}' stroke='#fff' stroke-width='.8' opacity='.22'/></pattern>");
        $this->s->add("<g transform='translate({$x},{$y}) rotate({$turn})' filter='".$this->s->shadow(6, 10, 14, 0.5)."'><rect width='{$w}' height='{$h}' fill='{$colour}'/>{$bands}{$fold}<rect width='{$w}' height='{$h}' fill='{$weave}'/></g>");
    }

    /** A row of stitches, zigzag or straight, over cloth. */
    public function stitches(float $x1, float $y1, float $x2, float $y2, float $length, string $thread, bool $zigzag = false): void
    {
        $whole = hypot($x2 - $x1, $y2 - $y1);
        $n = max(2, (int) ($whole / $length));
        $dx = ($x2 - $x1) / $n;
        $dy = ($y2 - $y1) / $n;
        $nx = -$dy / $length * $length * 0.5;
        $ny = $dx / $length * $length * 0.5;
        $d = '';
        for ($i = 0; $i < $n; $i++) {
            $side = $i % 2 === 0 ? 1 : -1;
            $d .= $zigzag
                ? 'M'.round($x1 + $dx * $i - $nx * $side, 1).','.round($y1 + $dy * $i - $ny * $side, 1).' L'.round($x1 + $dx * ($i + 0.92) + $nx * $side, 1).','.round($y1 + $dy * ($i + 0.92) + $ny * $side, 1)
                : 'M'.round($x1 + $dx * ($i + 0.14), 1).','.round($y1 + $dy * ($i + 0.14), 1).' L'.round($x1 + $dx * ($i + 0.84), 1).','.round($y1 + $dy * ($i + 0.84), 1);
        }
        $w = $length * 0.16;
        $this->s->add("<path d='{$d}' stroke='#000' stroke-width='".($w * 1.3)."' opacity='.4' stroke-linecap='round' transform='translate(".($w * 0.4).','.($w * 0.6).")'/><path d='{$d}' stroke='{$thread}' stroke-width='{$w}' stroke-linecap='round'/><path d='{$d}' stroke='#fff' stroke-width='".($w * 0.3)."' stroke-linecap='round' opacity='.45' transform='translate(".(-$w * 0.2).','.(-$w * 0.25).")'/>");
    }

    /** A wooden rod. */
    public function spar(float $x, float $y, float $length, float $thick, float $turn, string $wood = '#c99a5b'): void
    {
        $g = $this->s->gradient(['0' => '#fff2d2', '30' => $wood, '100' => '#5a3b1c']);
        $this->s->add("<g transform='translate({$x},{$y}) rotate({$turn})' filter='".$this->s->shadow(3, 6, 6, 0.55)."'><rect width='{$length}' height='{$thick}' rx='".($thick / 2)."' fill='{$g}'/><rect x='".($length * 0.03)."' width='".($length * 0.012)."' height='{$thick}' fill='#1d2b36'/><rect x='".($length * 0.94)."' width='".($length * 0.02)."' height='{$thick}' fill='#a8402c'/></g>");
    }

    /** A reel of line, seen from above. */
    public function reel(float $x, float $y, float $r, string $line, string $rim): void
    {
        $turns = '';
        for ($i = 0; $i < 14; $i++) {
            $rr = $r * (0.38 + 0.036 * $i);
            $turns .= "<circle r='{$rr}' fill='none' stroke='".($i % 3 === 0 ? '#000' : '#fff')."' stroke-width='".($r * 0.012)."' opacity='.28'/>";
        }
        $this->s->add("<g transform='translate({$x},{$y})' filter='".$this->s->shadow($r * 0.06, $r * 0.1, $r * 0.09, 0.6)."'><circle r='{$r}' fill='{$rim}'/><circle r='{$r}' fill='".$this->s->gradient(['0' => '#fff/0.4', '50' => '#fff/0', '100' => '#000/0.4'], 0, 0, 1, 1)."'/><circle r='".($r * 0.88)."' fill='{$line}'/>{$turns}<circle r='".($r * 0.36)."' fill='{$rim}'/><circle r='".($r * 0.26)."' fill='#2a1c12'/><circle r='".($r * 0.1)."' fill='#d9c7a4'/></g>");
    }

    /** A standing roll of sailcloth, seen from its end. */
    public function roll(float $x, float $y, float $r, string $colour): void
    {
        $rings = '';
        for ($i = 1; $i < 9; $i++) {
            $rings .= "<circle cx='".$this->s->between(-1, 1)."' r='".($r * $i / 9)."' fill='none' stroke='".($i % 2 === 0 ? '#000' : '#fff')."' opacity='.22' stroke-width='".($r * 0.04)."'/>";
        }
        $this->s->add("<g transform='translate({$x},{$y})' filter='".$this->s->shadow($r * 0.05, $r * 0.08, $r * 0.12, 0.6)."'><circle r='{$r}' fill='{$colour}'/><circle r='{$r}' fill='".$this->s->glow(['0' => '#000/0.45', '35' => '#000/0.05', '80' => '#fff/0.16', '100' => '#000/0.34'])."'/>{$rings}<circle r='".($r * 0.2)."' fill='#c9ad84'/><circle r='".($r * 0.13)."' fill='#120d09'/></g>");
    }

    public function scissors(float $x, float $y, float $size, float $turn): void
    {
        $steel = $this->s->gradient(['0' => '#f4f6f7', '50' => '#9aa5ab', '100' => '#5d686e'], 0, 0, 1, 0);
        $this->s->add("<g transform='translate({$x},{$y}) rotate({$turn}) scale(".($size / 100).")' filter='".$this->s->shadow(1, 3, 3, 0.6)."'><path d='M-3,4 L-10,-70 Q-2,-66 3,-2 Z' fill='{$steel}'/><path d='M3,4 L12,-68 Q4,-66 -3,-2 Z' fill='{$steel}'/><circle r='3' fill='#37424a'/><path d='M-2,4 Q-6,22 -18,26 Q-30,34 -22,46 Q-10,56 -6,40 Q-4,22 2,6 Z M2,4 Q6,22 18,26 Q30,34 22,46 Q10,56 6,40 Q4,22 -2,6 Z' fill='#1f2a30'/><ellipse cx='-16' cy='38' rx='5' ry='8' fill='#6b5a45' transform='rotate(24 -16 38)'/><ellipse cx='16' cy='38' rx='5' ry='8' fill='#6b5a45' transform='rotate(-24 16 38)'/></g>");
    }

    /** A paper pattern with a cut line. */
    public function paper(float $x, float $y, float $w, float $h, float $turn): void
    {
        $this->s->add("<g transform='translate({$x},{$y}) rotate({$turn})' filter='".$this->s->shadow(3, 5, 6, 0.4)."'><rect width='{$w}' height='{$h}' fill='#efe6d0'/><path d='M".($w * 0.5).','.($h * 0.08).' L'.($w * 0.12).','.($h * 0.4).' L'.($w * 0.5).','.($h * 0.92).' L'.($w * 0.88).','.($h * 0.4)." Z' fill='none' stroke='#35536b' stroke-width='".($w * 0.006)."' stroke-dasharray='".($w * 0.03).' '.($w * 0.015)."'/><path d='M".($w * 0.5).','.($h * 0.08).' V'.($h * 0.92).' M'.($w * 0.12).','.($h * 0.4).' H'.($w * 0.88)."' stroke='#35536b' stroke-width='".($w * 0.003)."'/><rect width='{$w}' height='{$h}' fill='".$this->s->gradient(['0' => '#fff/0.3', '50' => '#fff/0', '100' => '#6d5220/0.22'], 0, 0, 1, 1)."'/></g>");
    }

    public function jar(float $x, float $y, float $size, string $colour): void
    {
        $brushes = '';
        for ($i = 0; $i < 6; $i++) {
            $brushes .= "<g transform='rotate(".(-22 + $i * 9).")'><rect x='".(-14 + $i * 5)."' y='-118' width='4' height='78' fill='".$this->s->pick(['#c99a5b', '#8a5a2c', '#2f4a5c'])."'/><path d='M".(-15 + $i * 5).',-118 l3,-16 l3,16 Z\' fill=\'#2a2018\'/></g>';
        }
        $this->s->add("<g transform='translate({$x},{$y}) scale(".($size / 100).")' filter='".$this->s->shadow(3, 3, 4, 0.5)."'>{$brushes}<path d='M-26,-52 H26 L23,0 H-23 Z' fill='{$colour}'/><path d='M-26,-52 H26 L23,0 H-23 Z' fill='".$this->s->gradient(['0' => '#fff/0.5', '40' => '#fff/0', '100' => '#000/0.5'], 0, 0, 1, 0)."'/><ellipse cy='-52' rx='26' ry='5' fill='#1b1611'/></g>");
    }
}
