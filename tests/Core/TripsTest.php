<?php

declare(strict_types=1);

use ZincPane\Core\Snags\GallerySnags;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Kinds;
use ZincPane\Core\Snags\LayoutSnags;
use ZincPane\Core\Snags\Snag;

covers(GallerySnags::class, Inspected::class, Kinds::class);

// What was planted is found, and nothing else.

require_once __DIR__.'/Planting.php';

it('finds all that was planted and nothing else, and each mend mends and breaks nothing, in a thousand galleries', function (): void {
    $dice = dice(1402);
    $times = $mended = [];
    for ($trial = 0; $trial < trials(1000, 160); $trial++) {
        [$gallery, $amiss] = planted($dice);
        expect(ordered(namedBy($gallery)))->toBe(ordered($amiss), "gallery {$trial}");
        $snags = (new GallerySnags($gallery))->open();
        $layoutBefore = LayoutSnags::found($gallery->now(), $gallery->subjects());
        foreach (array_filter($snags, static fn (Snag $snag): bool => $snag->stage->value !== 'layout') as $snag) {
            $times[$snag->code] = ($times[$snag->code] ?? 0) + 1;
            foreach ($snag->mends as $mend) {
                $mended[$snag->code] = ($mended[$snag->code] ?? 0) + 1;
                if ($mend->change === null || $snag->code === 'hard-to-read') {
                    continue;
                }
                $after = $gallery->after($mend->change);
                $left = namedBy($after);
                expect(count($left[$snag->code] ?? []))->toBeLessThanOrEqual(count($amiss[$snag->code]) - ($mend->heals ?? count($amiss[$snag->code])), "{$mend->label} for {$snag->code}, gallery {$trial}");
                foreach ($left as $code => $ids) {
                    expect(count($ids))->toBeLessThanOrEqual(count($amiss[$code] ?? []), "{$mend->label} for {$snag->code} brings {$code}, gallery {$trial}");
                }
                expect(array_diff_key(LayoutSnags::found($after->now(), $after->subjects()), $layoutBefore))->toBe([], "{$mend->label} for {$snag->code}, gallery {$trial}");
            }
        }
    }
    // Every rule was put to the test, and all but these know something that mends.
    $codes = array_values(array_filter(array_map(static fn ($rule): string => $rule->code(), GallerySnags::rules()), static fn (string $code): bool => $code !== 'alt-same-as-caption'));
    sort($codes);
    $known = array_keys($times);
    sort($known);
    expect($known)->toBe($codes)->and(array_values(array_diff($codes, array_keys($mended))))->toBe(['alt-repeated', 'alt-too-long', 'caption-too-long', 'heavy-page', 'on-no-page']);
});

it('leaves out what is meant, and brings it back once something of it changes', function (): void {
    $dice = dice(1403);
    $back = 0;
    for ($trial = 0; $trial < trials(60, 20); $trial++) {
        [$gallery] = planted($dice);
        $snags = (new GallerySnags($gallery))->open();
        foreach ($snags as $snag) {
            $left = (new GallerySnags($gallery, $snag->marks))->open();
            expect(array_map(static fn (Snag $one): string => $one->code, $left))->toBe(array_values(array_diff(array_map(static fn (Snag $one): string => $one->code, $snags), [$snag->code])));
        }
        $meant = array_merge([], ...array_map(static fn (Snag $snag): array => $snag->marks, $snags));
        expect((new GallerySnags($gallery, $meant))->open())->toBe([]);
        // A poor alt text becomes another poor one.
        $poor = $gallery->seenBy(GallerySnags::rules()[5])[0] ?? null;
        if ($poor !== null) {
            $after = $gallery->after(ZincPane\Core\Changes\Reword::of([(string) $poor->item => ['alt' => 'DSC_9999.jpg']]));
            $codes = array_map(static fn (Snag $one): string => $one->code, (new GallerySnags($after, $meant))->open());
            expect($codes)->toContain('alt-file-name');
            $back++;
        }
    }
    expect($back)->toBeGreaterThan(trials(8, 1));
});
