<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\Finishes;
use App\Http\Requests\FinishRequest;
use App\Models\Finish;
use App\Models\Gallery;
use Illuminate\Http\JsonResponse;

/** Finishes that are kept under names. */
final readonly class FinishController
{
    public function __construct(private Finishes $finishes)
    {
    }

    public function store(FinishRequest $request): JsonResponse
    {
        return new JsonResponse(self::named($this->finishes->keep($request->gallery(), $request->string('name')->toString(), $request->userId())), 201);
    }

    public function show(Finish $finish): JsonResponse
    {
        return new JsonResponse([...self::named($finish), 'followers' => self::titles($this->finishes->followers($finish))]);
    }

    public function update(FinishRequest $request, Finish $finish): JsonResponse
    {
        return new JsonResponse([...self::named($finish), 'followers' => self::titles($this->finishes->change($finish, $request->gallery(), $request->userId()))]);
    }

    public function destroy(Finish $finish): JsonResponse
    {
        $finish->delete();

        return new JsonResponse(null, 204);
    }

    /**
     * @return array{key: string, name: string}
     */
    private static function named(Finish $finish): array
    {
        return ['key' => $finish->id, 'name' => $finish->name];
    }

    /**
     * @param  list<Gallery>  $galleries
     * @return list<array{id: string, title: string}>
     */
    private static function titles(array $galleries): array
    {
        return array_map(static fn (Gallery $gallery): array => ['id' => $gallery->id, 'title' => $gallery->title], $galleries);
    }
}
