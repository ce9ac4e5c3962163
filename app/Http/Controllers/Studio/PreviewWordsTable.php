<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\WordsTable;
use App\Http\Requests\WordsTableRequest;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** What a CSV file would change. */
final class PreviewWordsTable
{
    public function __invoke(WordsTableRequest $request, Gallery $gallery, WordsTable $table): JsonResponse
    {
        return new JsonResponse($table->preview($gallery, $request->csv()));
    }
}
