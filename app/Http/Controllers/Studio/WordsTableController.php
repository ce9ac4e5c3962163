<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\WordsTable;
use App\Http\GalleryAnswer;
use App\Http\Requests\WordsTableRequest;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The words of a gallery as a CSV file. */
final readonly class WordsTableController
{
    public function __construct(private WordsTable $table)
    {
    }

    public function show(Gallery $gallery): Response
    {
        $name = Str::slug($gallery->title).'-words.csv';

        return new Response($this->table->out($gallery), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"{$name}\"", 'Cache-Control' => 'private, no-store']);
    }

    public function store(WordsTableRequest $request, Gallery $gallery, GalleryAnswer $answer): JsonResponse
    {
        $outcome = $this->table->in($gallery, $request->integer('version'), $request->csv(), $request->userId());

        return new JsonResponse(['gallery' => $answer->changes($outcome['gallery']), 'problems' => $outcome['problems']]);
    }
}
