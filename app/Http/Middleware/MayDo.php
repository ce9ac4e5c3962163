<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\SecurityLog;
use App\Models\SecurityKind;
use App\Models\User;
use Closure;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The policy of a route: what it asks of whoever calls it. Every route behind the sign-in names one. */
final readonly class MayDo
{
    public const NAME = 'may';

    public function __construct(private SecurityLog $log)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthorizationException when the person's role does not have it
     */
    public function handle(Request $request, Closure $next, string $ability): Response
    {
        $user = $request->user();
        if (! $user instanceof User || ! $user->mayDo($ability)) {
            $this->log->note(SecurityKind::NotAllowed, "{$request->method()} /{$request->path()}");
            throw new AuthorizationException;
        }

        return $next($request);
    }
}
