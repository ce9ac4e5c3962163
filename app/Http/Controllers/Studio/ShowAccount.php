<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\BrowserName;
use App\Access\Tokens;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One's own account: second step, and the browsers one is signed in with. */
final class ShowAccount
{
    public function __invoke(Request $request, Tokens $tokens): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $here = $request->session()->get(SignIn::KEY);

        return new JsonResponse([
            'name' => $user->name, 'email' => $user->email, 'role' => $user->role->label(),
            'second_step' => $user->hasSecondStep(), 'recovery_codes' => count($user->recovery_codes),
            'tokens' => $tokens->of($user), 'scopes' => Tokens::scopes(), 'longest_name' => Tokens::LONGEST,
            'sign_ins' => SignIn::inForce()->where('user_id', $user->id)->latest('seen_at')->get()->map(static fn (SignIn $signIn): array => [
                'id' => $signIn->id, 'address' => $signIn->address, 'browser' => BrowserName::of($signIn->browser),
                'since' => $signIn->created_at->toIso8601ZuluString(), 'seen_at' => $signIn->seen_at->toIso8601ZuluString(), 'here' => $signIn->id === $here,
            ])->all(),
        ]);
    }
}
