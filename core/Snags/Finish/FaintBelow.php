<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Finish;

use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Finish\CaptionPlace;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** Captions below pictures whose letters do not stand out from what is behind them. */
final readonly class FaintBelow implements Rule
{
    private const LETTERS = ['Dark letters' => '#101417', 'White letters' => '#ffffff', 'Black letters' => '#000000'];

    public function code(): string
    {
        return 'faint-below';
    }

    public function stage(): Stage
    {
        return Stage::Finish;
    }

    public function found(Inspected $gallery): array
    {
        $finish = $gallery->gallery->design->finish;
        $ground = self::ground($gallery);
        if ($finish->captions->place !== CaptionPlace::Below || $ground === null || $gallery->drawn === []) {
            return [];
        }
        $letters = Luminance::of($finish->captions->colour ?? $gallery->around->text);
        $ratio = Luminance::ratio($letters, $ground);
        $needed = Luminance::needed($finish->lettering->size, $finish->lettering->weight);

        return $ratio >= $needed ? [] : [Sighting::ofGallery(Luminance::told($ratio).' : 1 where '.Luminance::told($needed).' : 1 is needed')];
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return "The letters of captions are faint: {$seen[0]->seen}.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        foreach (self::LETTERS as $label => $colour) {
            yield Mend::design($label, ['finish' => ['captions' => ['colour' => $colour]]]);
        }
    }

    /**
     * How light what is behind the letters is; null where that is a picture.
     *
     * @return ?float luminance
     */
    private static function ground(Inspected $gallery): ?float
    {
        $finish = $gallery->gallery->design->finish;
        if ($finish->edges->tile !== null) {
            return Luminance::of($finish->edges->tile);
        }
        if ($finish->ground->picture !== '') {
            return null;
        }

        return Luminance::of($finish->ground->colour === null ? $gallery->around->ground : Luminance::over($finish->ground->colour, $finish->ground->opacity / 100, $gallery->around->ground));
    }
}
