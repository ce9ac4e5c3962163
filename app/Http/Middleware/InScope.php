<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\ScopeException;
use App\Models\Token;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a token needs for a route. Every route for scripts names it. */
final class InScope
{
    public const NAME = 'scope';

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws ScopeException when the token does not have it
     */
    public function handle(Request $request, Closure $next, string $scope): Response
    {
        $user = $request->user();
        $token = $user instanceof User ? $user->currentAccessToken() : null;

        return $token instanceof Token && $token->can($scope) ? $next($request) : throw ScopeException::lacks($scope, $token instanceof Token ? $token->name : '');
    }
}
