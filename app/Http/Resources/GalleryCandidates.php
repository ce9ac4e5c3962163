<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Publishing\GalleryRenderer;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Reasons;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Suggestions;
use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Snags\LayoutSnags;

/** The pictures of a gallery in several layouts, measured, and the best that a search finds. */
final class GalleryCandidates
{
    /**
     * @return array<string, mixed>
     */
    public static function of(GalleryRenderer $drawn, ContentWidth $content, Weights $weights): array
    {
        $count = count($drawn->items);
        $subjects = array_map(Subject::of(...), $drawn->items);
        $candidates = new Candidates(
            $drawn->design, $subjects, array_keys(array_filter($drawn->large)),
            GalleryMeasures::wide($content), GalleryMeasures::phone($content),
        );

        $now = $candidates->of([]);

        return [
            'crops' => Crops::of($drawn, $now),
            'snags' => array_map(SnagResource::of(...), (new LayoutSnags($candidates, $subjects))->of($now)),
            'weights' => $weights->values,
            'candidates' => array_map(static fn (Candidate $candidate): array => CandidateResource::of($candidate, $drawn), $candidates->alternatives()),
            'suggestions' => array_map(
                static fn (array $best): array => [...CandidateResource::of($best['candidate'], $drawn), 'score' => round($best['score'], 3), 'reasons' => Reasons::of($best['candidate'], $count)],
                (new Suggestions($candidates, $weights))->best($count),
            ),
        ];
    }
}
