<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Signing in and out. */
final readonly class SessionController
{
    public function __construct(private StatefulGuard $guard)
    {
    }

    public function show(): JsonResponse
    {
        /** @var ?User $user */
        $user = $this->guard->user();

        return new JsonResponse([
            'user' => $user === null ? null : ['name' => $user->name, 'email' => $user->email],
            'limits' => [
                'megabytes' => intdiv(config()->integer('zinc.limits.bytes'), 1024 * 1024),
                'video_megabytes' => intdiv(config()->integer('zinc.limits.video_bytes'), 1024 * 1024),
                'part_bytes' => config()->integer('zinc.limits.part_bytes'),
            ],
        ]);
    }

    /**
     * @throws ValidationException when e-mail and password do not belong together
     */
    public function store(SignInRequest $request): JsonResponse
    {
        if (! $this->guard->attempt($request->validated())) {
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together. Check both and try again.']);
        }

        return $this->show();
    }

    public function destroy(Request $request): JsonResponse
    {
        $this->guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(null, 204);
    }
}
