<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\TakeSourceFiles;
use App\Http\Requests\TakeFromSourceRequest;
use App\Http\Resources\TakenInResource;
use App\Intake\Sources\SourceException;
use Illuminate\Http\JsonResponse;

/** Takes pictures of a source into the store, and into a gallery where one is named. */
final class TakeFromSource
{
    /**
     * @throws SourceException when there is no such source or file
     */
    public function __invoke(TakeFromSourceRequest $request, string $source, TakeSourceFiles $take): JsonResponse
    {
        $batch = $take->handle($source, $request->files(), $request->gallery(), $request->userId());

        return TakenInResource::of($batch);
    }
}
