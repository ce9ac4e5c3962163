<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Serving\Hosts;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpFoundation\Response;

/** Answers only to names that were told: addresses that are written into pages and mails are made of them. */
final class KnownHosts
{
    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        try {
            $isKnown = in_array($request->getHost(), Hosts::known(), true);
        } catch (SuspiciousOperationException) {
            $isKnown = false;
        }

        return $isKnown ? $next($request) : new Answer('This machine answers to other names.', 421, ['Content-Type' => 'text/plain']);
    }
}
