<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\Places;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\DrawnPart;
use ZincPane\Core\Measuring\Reasons;
use ZincPane\Core\Measuring\Suggestions;
use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Settings\SettingException;

/** The pictures of a gallery in several layouts, measured, and the best that a search finds. */
final class GalleryCandidates
{
    /** How much of its height is shown in small, for each px that it is wide. */
    private const HEIGHT = 0.616;

    /** What may be looked at: alternatives as they are, the best that are found, what is cut off. */
    public const VIEWS = ['candidates', 'suggestions', 'crops'];

    /**
     * Only what is looked at is computed.
     *
     * @param  string  $view  of VIEWS
     * @param  array<array-key, mixed>  $weights  of the qualities, as they were asked for
     * @return array<string, mixed>
     *
     * @throws SettingException when a weight is unknown or out of its range
     */
    public function of(Gallery $gallery, string $view, array $weights): array
    {
        $weights = Weights::fromArray($weights);
        $drawn = Drafts::of($gallery);
        $viewports = Viewports::at(Places::of($gallery, Site::whole())->within($drawn->design->finish->ground->sides()));
        $count = count($drawn->items);
        $candidates = new Candidates($drawn->design, $drawn->subjects(), $drawn->largePlaces(), $viewports->wide, $viewports->phone, $drawn->parts());

        return [
            'weights' => $weights->values,
            'crops' => $view === 'crops' ? Crops::of($drawn, $candidates->of([])) : [],
            'candidates' => $view === 'candidates' ? array_map(static fn (Candidate $candidate): array => self::candidate($candidate, $drawn), $candidates->alternatives()) : [],
            'suggestions' => $view === 'suggestions' ? array_map(
                static fn (array $best): array => [...self::candidate($best['candidate'], $drawn), 'score' => round($best['score'], 3), 'reasons' => Reasons::of($best['candidate'], $count)],
                (new Suggestions($candidates, $weights))->best($count),
            ) : [],
        ];
    }

    /**
     * One way to lay a gallery out: drawn in small, with its measures.
     *
     * @return array<string, mixed>
     */
    private static function candidate(Candidate $candidate, FrozenGallery $drawn): array
    {
        $height = (int) round(self::HEIGHT * $candidate->inner);

        return [
            'name' => $candidate->layout->label(),
            'layout' => $candidate->part,
            'wide' => $candidate->wide->toArray(),
            'phone' => $candidate->phone->toArray(),
            'miniature' => [
                'width' => (int) $candidate->inner, 'height' => $height,
                'tiles' => array_merge(...array_map(static fn (DrawnPart $part): array => Miniature::tiles(
                    $part->band, array_map(static fn (int $place): Shown => $drawn->items[$place], $part->places), $candidate->layout->objectFitInForce(), (int) $candidate->inner, $height, $part->top,
                ), $candidate->onWide)),
            ],
        ];
    }
}
