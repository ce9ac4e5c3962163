<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\Tokens;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One's own tokens, for scripts. */
final readonly class TokenController
{
    public function __construct(private Tokens $tokens)
    {
    }

    public function store(Request $request): JsonResponse
    {
        return new JsonResponse(['token' => $this->tokens->make(self::own($request), $request->input('name'), $request->input('scopes'))], 201);
    }

    public function destroy(Request $request, string $token): JsonResponse
    {
        $this->tokens->revoke(self::own($request), $token);

        return new JsonResponse(null, 204);
    }

    private static function own(Request $request): User
    {
        /** @var User $user */
        $user = $request->user();

        return $user;
    }
}
