<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\SourceRequest;
use App\Intake\Sources\Source;
use App\Intake\Sources\SourceException;
use App\Intake\Sources\SourceFile;
use App\Intake\Sources\Sources;
use Illuminate\Http\JsonResponse;

/** Places that pictures come from, other than an upload. */
final readonly class SourceController
{
    public function __construct(private Sources $sources)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(array_map(static fn (Source $source): array => [
            'name' => $source->name(), 'label' => $source->label(), 'facets' => $source->facets(),
        ], $this->sources->all));
    }

    /**
     * @throws SourceException when there is no such source
     */
    public function show(SourceRequest $request, string $source): JsonResponse
    {
        $found = $this->sources->named($source)->find($request->sourceQuery());

        return new JsonResponse(['files' => array_map(static fn (SourceFile $file): array => [
            'id' => $file->id, 'title' => $file->title, 'thumbnail' => "/studio/api/sources/{$source}/files/".rawurlencode($file->id),
            'new' => $file->isNew, 'taken' => $file->isTaken, 'category' => $file->category, 'keywords' => $file->keywords,
            'credit' => $file->provenance->words['credit'] ?? '', 'licence' => $file->provenance->licence,
        ], $found)]);
    }
}
