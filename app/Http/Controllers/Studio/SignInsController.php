<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\Door;
use App\Access\SecurityLog;
use App\Models\SecurityKind;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The browsers one is signed in with: each is signed out from here. */
final readonly class SignInsController
{
    public function __construct(private Door $door, private SecurityLog $log)
    {
    }

    public function destroy(Request $request, string $signIn): JsonResponse
    {
        self::user($request)->signIns()->findOrFail($signIn)->delete();
        $this->log->note(SecurityKind::SignedOut, 'One browser, from elsewhere.');

        return new JsonResponse(null, 204);
    }

    public function destroyOthers(Request $request): JsonResponse
    {
        $this->door->leaveOthers($request, self::user($request));
        $this->log->note(SecurityKind::SignedOut, 'Everywhere but here.');

        return new JsonResponse(null, 204);
    }

    private static function user(Request $request): User
    {
        /** @var User $user */
        $user = $request->user();

        return $user;
    }
}
