<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\CandidatesRequest;
use App\Http\Resources\CandidateResource;
use App\Http\Resources\Crops;
use App\Http\Resources\GalleryMeasures;
use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\GalleryRenderer;
use Illuminate\Http\JsonResponse;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Reasons;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Suggestions;

/** The same pictures in several layouts, measured, and the best that a search finds. */
final class ShowCandidates
{
    public function __invoke(CandidatesRequest $request, Gallery $gallery): JsonResponse
    {
        $weights = $request->weights();
        $content = Site::query()->firstOrFail()->contentWidth();
        $drawn = GalleryRenderer::ofDraft($gallery->loadMissing(Gallery::ITEMS));
        $count = count($drawn->items);
        $candidates = new Candidates(
            $drawn->design, array_map(Subject::of(...), $drawn->items), array_keys(array_filter($drawn->large)),
            GalleryMeasures::wide($content), GalleryMeasures::phone($content),
        );

        return new JsonResponse([
            'crops' => Crops::of($drawn, $candidates->of([]), GalleryMeasures::wide($content)->inner),
            'advice' => Reasons::advice($candidates->of([]), $count),
            'weights' => $weights->values,
            'candidates' => array_map(static fn (Candidate $candidate): array => CandidateResource::of($candidate, $drawn), $candidates->alternatives()),
            'suggestions' => array_map(
                static fn (array $best): array => [...CandidateResource::of($best['candidate'], $drawn), 'score' => round($best['score'], 3), 'reasons' => Reasons::of($best['candidate'], $count)],
                (new Suggestions($candidates, $weights))->best($count),
            ),
        ]);
    }
}
