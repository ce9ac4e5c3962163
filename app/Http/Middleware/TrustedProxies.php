<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;

/** Believes what the proxies say that were named (ZINC_PROXIES), and no others. */
final class TrustedProxies extends TrustProxies
{
    /** Whom they speak for, and how that one came; not by what name: names are told (KnownHosts). */
    protected $headers = Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO;

    /**
     * @return list<string> addresses or ranges
     */
    protected function proxies(): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', config()->string('zinc.proxies'))), static fn (string $proxy): bool => $proxy !== ''));
    }
}
