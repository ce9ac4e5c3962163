<?php

declare(strict_types=1);

use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Markup\Finish\ArrivalCss;
use ZincPane\Core\Markup\Finish\DriftCss;
use ZincPane\Core\Markup\Style\Css;

covers(DriftCss::class, ArrivalCss::class);

/** What a property of a selector is at an inner width, by the style sheet of a drift: the last that is said, in whatever query holds. */
function saidAt(string $css, string $selector, string $property, float $width): ?string
{
    $said = null;
    preg_match_all('/@container ((?:\(width [<>]=? \d+px\)(?: and )?)+)\{((?:[^{}]+\{[^{}]*\})*)\}|([^{}@]+)\{([^{}]*)\}/', $css, $rules, PREG_SET_ORDER);
    foreach ($rules as $rule) {
        preg_match_all('/\(width ([<>]=?) (\d+)px\)/', $rule[1], $conditions, PREG_SET_ORDER);
        foreach ($conditions as [, $sign, $px]) {
            if ($sign === '<' ? $width >= (int) $px : $width < (int) $px) {
                continue 2;
            }
        }
        preg_match_all('/([^{}]+)\{([^{}]*)\}/', $rule[2] !== '' ? $rule[2] : "{$rule[3]}{{$rule[4]}}", $inside, PREG_SET_ORDER);
        foreach ($inside as [, $of, $declarations]) {
            if ($of === $selector && preg_match('/(?:^|;)'.preg_quote($property, '/').':([^;]+)/', $declarations, $found) === 1) {
                $said = $found[1];
            }
        }
    }

    return $said;
}

/** The style sheet of a gallery that drifts, and its arrangement. */
function drifting(array $drift, array $layout, int $count, int $seed): array
{
    $design = designOf($layout, ['drift' => $drift]);
    $arrangement = Arranger::layout($design)->arrange(someShapes($count, $seed));

    return [(string) (new DriftCss(Css::of('.f'), Css::of('.l'), Css::of('x'), $design->finish->drift, $design->layout, $arrangement))->render(), $arrangement];
}

it('leaves no corner of its frame empty, however slanted, at any width', function (string $lanes, string $kind): void {
    $dice = dice(crc32($lanes.$kind));
    for ($trial = 0; $trial < 40; $trial++) {
        $drift = ['lanes' => $lanes, 'slant' => $dice->getInt(-15, 15), 'strength' => $dice->getInt(5, 100), 'height' => $dice->getInt(200, 1200), 'phone_height' => $dice->getInt(160, 900)];
        [$css, $arrangement] = drifting($drift, ['kind' => $kind, 'columns' => $dice->getInt(1, 6), 'row_height' => $dice->getInt(80, 400)], 60, $trial);
        foreach ([240, 390, 599, 600, 900, 1120, 2560] as $width) {
            $whole = $arrangement->at($width)->height->at($width);
            $high = min($whole, $drift[$width >= 600 ? 'height' : 'phone_height']);
            preg_match('/rotate\((-?[\d.]+)deg\) scale\((.+)\)/', (string) saidAt($css, '.l', 'transform', $width), $turned);
            $angle = deg2rad((float) ($turned[1] ?? 0));
            $scale = isset($turned[2]) ? (float) saidAt($css, '.l', '--e', $width) : 1.0;
            // Rows go to either side by that much, and leave it empty at the other.
            $aside = abs((float) saidAt($css, '.l', '--x', $width)) * $width / 100;
            foreach ([[1, 1], [1, -1], [-1, 1], [-1, -1]] as [$across, $down]) {
                $x = ($across * cos($angle) * $width / 2 + $down * sin($angle) * $high / 2) / $scale;
                expect(abs($x))->toBeLessThanOrEqual($width / 2 - $aside + 0.5, json_encode([$drift, $width, $scale]));
            }
        }
    }
})->with(['down', 'across'])->with(['masonry', 'rows']);

it('is never higher than its gallery, and moves it from its beginning to its end at full strength', function (): void {
    $dice = dice(44);
    for ($trial = 0; $trial < 60; $trial++) {
        $drift = ['lanes' => 'down', 'way' => ['with', 'against'][$trial % 2], 'strength' => 100, 'height' => $dice->getInt(200, 1200), 'phone_height' => $dice->getInt(160, 900)];
        [$css, $arrangement] = drifting($drift, ['kind' => 'masonry', 'columns' => $dice->getInt(1, 5)], $dice->getInt(1, 40), $trial);
        foreach ([240, 480, 599, 600, 1120, 2000] as $width) {
            $whole = $arrangement->at($width)->height->at($width);
            $one = static fn (string $said): float => preg_match('/^calc\(([\d.]+)cqw ([+-]) ([\d.]+)px\)$|^([\d.]+)(cqw|px)$/', $said, $m) !== 1 ? NAN
                : (isset($m[4]) ? (float) $m[4] * ($m[5] === 'cqw' ? $width / 100 : 1) : (float) $m[1] * $width / 100 + ($m[2] === '-' ? -1 : 1) * (float) $m[3]);
            // Where another column is the longest at either end of a band, it is the longest of several.
            $length = static fn (string $said): float => preg_match('/^max\((.+)\)$/', $said, $several) === 1 ? max(array_map($one, explode(',', $several[1]))) : $one($said);
            $own = $drift[$width >= 600 ? 'height' : 'phone_height'];
            expect(preg_match('/^min\((\d+)px,(.+)\)$/', (string) saidAt($css, '.f', 'height', $width), $frame))->toBe(1)
                ->and((int) $frame[1])->toBe($own)->and($length($frame[2]))->toEqualWithDelta($whole, 0.5);
            // The list stands in the middle of its frame; each lane goes as far as there is something beyond.
            expect(preg_match('/^max\(0px,\((.+) - (\d+)px\)\/2\)$/', (string) saidAt($css, '.l', '--z', $width), $beyond))->toBe(1)
                ->and($length($beyond[1]))->toEqualWithDelta($whole, 0.5)->and((int) $beyond[2])->toBe($own)
                ->and(saidAt($css, '.l', '--y', $width))->toBe($drift['way'] === 'with' ? 'calc(var(--z)*1)' : 'calc(var(--z)*-1)');
        }
    }
});

it('lets tiles that follow the scrolling come one after another, none of them later than three fifths, and all come whole', function (): void {
    foreach ([[0, 0], [40, 5], [120, 5], [250, 5]] as [$step, $later]) {
        $arrival = designOf([], ['arrival' => ['way' => 'rise', 'times' => 'each', 'step' => $step, 'distance' => 30]])->finish->arrival;
        $css = (string) (new ArrivalCss(Css::of('.p'), Css::of('x'), $arrival))->render();
        preg_match_all('/nth-child\((\d+)n\+(\d+)\)\{animation-range:entry (\d+)% entry (\d+)%\}/', $css, $ranges, PREG_SET_ORDER);
        expect($ranges)->toHaveCount($later);
        $before = 0;
        foreach ($ranges as $n => [, $run, $place, $start, $end]) {
            expect([(int) $run, (int) $place])->toBe([6, $n + 2])->and((int) $start)->toBe((int) round(min(60, ($n + 1) * $step / 10)))->toBeGreaterThanOrEqual($before)
                // As long as those before it.
                ->and((int) $end - (int) $start)->toBe(100);
            $before = (int) $start;
        }
        expect($css)->toContain('translate:0 30px');
    }
    $none = designOf([], ['arrival' => ['way' => 'none', 'times' => 'each']])->finish->arrival;
    expect((string) (new ArrivalCss(Css::of('.p'), Css::of('x'), $none))->render())->toBe('');
});
