<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Door;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Ends a session whose person signed out everywhere, was removed, or changed the password elsewhere. */
final readonly class KnownSignIn
{
    public function __construct(private Door $door)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException when the session was ended from elsewhere
     */
    public function handle(Request $request, Closure $next): Response
    {
        if ($this->door->isEnded($request)) {
            $this->door->shut($request);
            throw new AuthenticationException(redirectTo: '/studio/sign-in');
        }

        return $next($request);
    }
}
