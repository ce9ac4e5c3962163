<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\Door;
use App\Access\SignInException;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Signing in and out. */
final readonly class SessionController
{
    public function __construct(private Door $door)
    {
    }

    public function show(Request $request): JsonResponse
    {
        if ($this->door->isEnded($request)) {
            $this->door->shut($request);
        }
        /** @var ?User $user */
        $user = $request->user();

        return new JsonResponse([
            'user' => $user === null ? null : ['id' => $user->id, 'name' => $user->name, 'email' => $user->email, 'role' => $user->role->value, 'may' => $user->abilities()],
            'limits' => [
                'megabytes' => intdiv(config()->integer('zinc.limits.bytes'), 1024 * 1024),
                'video_megabytes' => intdiv(config()->integer('zinc.limits.video_bytes'), 1024 * 1024),
                'part_bytes' => config()->integer('zinc.limits.part_bytes'),
            ],
        ]);
    }

    /**
     * @throws SignInException when it is nobody, or a code is lacking
     */
    public function store(SignInRequest $request): JsonResponse
    {
        $this->door->enter($request, $request->string('email')->toString(), $request->string('password')->toString(), $request->string('code')->toString());

        return $this->show($request);
    }

    public function destroy(Request $request): JsonResponse
    {
        $this->door->leave($request);

        return new JsonResponse(null, 204);
    }
}
