<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Viewer;

use ZincPane\Core\Colour\Letters;
use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** Signs and words of the large view that do not stand out, because the page shines through behind them. */
final readonly class FaintSigns implements Rule
{
    /** What a sign needs against what is behind it. (https://www.w3.org/TR/WCAG22/#non-text-contrast) */
    private const NEEDED = 3.0;

    /** Per cent that the backdrop is made more solid by at a time. */
    private const STEP = 5;

    public function code(): string
    {
        return 'faint-signs';
    }

    public function stage(): Stage
    {
        return Stage::Viewer;
    }

    public function found(Inspected $gallery): array
    {
        $viewer = $gallery->gallery->design->viewer;
        $shows = $viewer->click->act->shows() || array_filter($gallery->drawn, static fn ($item): bool => $item->click?->shows() ?? false) !== [];
        $ratio = self::worst($viewer->backdrop->colour, $viewer->backdrop->opacity);

        return ! $shows || $gallery->drawn === [] || $ratio >= self::NEEDED ? [] : [Sighting::ofGallery(Luminance::told($ratio).' : 1 where '.Luminance::told(self::NEEDED).' : 1 is needed')];
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return "Signs of the large view are faint where the page shines through: {$seen[0]->seen}.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        $backdrop = $gallery->gallery->design->viewer->backdrop;
        for ($solid = $backdrop->opacity - $backdrop->opacity % self::STEP + self::STEP; $solid <= 100; $solid += self::STEP) {
            if (self::worst($backdrop->colour, $solid) >= self::NEEDED) {
                yield Mend::design("Make the backdrop {$solid} % solid", ['viewer' => ['backdrop' => ['opacity' => $solid]]]);
                break;
            }
        }
    }

    /**
     * Pages and pictures have all colours: the lightest and the darkest are looked at.
     *
     * @param  int  $solid  per cent
     * @return float ratio, 1 to 21
     */
    private static function worst(string $colour, int $solid): float
    {
        $letters = Luminance::of(Letters::on($colour));

        return min(array_map(static fn (string $page): float => Luminance::ratio($letters, Luminance::of(Luminance::over($colour, $solid / 100, $page))), ['#ffffff', '#000000']));
    }
}
