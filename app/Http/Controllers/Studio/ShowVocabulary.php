<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Proofing\Vocabulary;
use Illuminate\Http\JsonResponse;

/** What there is to choose from in the studio; asked for once. */
final class ShowVocabulary
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(Vocabulary::all());
    }
}
