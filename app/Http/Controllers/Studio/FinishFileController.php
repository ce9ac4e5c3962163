<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\Finishes;
use App\Actions\FinishFiles;
use App\Http\Requests\PartRequest;
use App\Models\Finish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Finishes as files. */
final readonly class FinishFileController
{
    public function __construct(private FinishFiles $files, private Finishes $finishes)
    {
    }

    public function show(Finish $finish): Response
    {
        return new Response($this->files->contents($finish), 200, [
            'Content-Type' => 'application/json; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.$this->files->name($finish).'"',
        ]);
    }

    public function store(PartRequest $request): JsonResponse
    {
        $finish = $this->finishes->takeIn($request->getContent());

        return new JsonResponse(['key' => $finish->id, 'name' => $finish->name], 201);
    }
}
