<?php

declare(strict_types=1);

namespace ZincPane\Core\Design\Upgrades;

/** Captions belong to the finish: where they stand is said apart from how many lines they take. */
final readonly class From2To3 implements Upgrade
{
    /** Layouts that showed no captions below, whatever was set. */
    private const WITHOUT = ['strip', 'slideshow'];

    public function design(array $design): array
    {
        $layout = $design['layout'] ?? null;
        if (! is_array($layout) || ! array_key_exists('caption_lines', $layout)) {
            return $design;
        }
        $lines = $layout['caption_lines'];
        $isShown = $lines !== 0 && ! in_array($layout['kind'] ?? null, self::WITHOUT, true);
        unset($layout['caption_lines']);

        return [...$design, 'layout' => $layout, 'finish' => ['captions' => ['place' => $isShown ? 'below' : 'none', ...($lines === 0 ? [] : ['lines' => $lines])]]];
    }
}
