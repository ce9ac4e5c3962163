<?php

use App\Models\SignIn;

// The prefix holds browsers to it: only over TLS, for this host and the whole of it.
$isSecure = str_starts_with((string) env('APP_URL', ''), 'https:');

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => SignIn::IDLE_HOURS * 60,
    'cookie' => ($isSecure ? '__Host-' : '').SignIn::COOKIE,
    'secure' => $isSecure,
    'http_only' => true,
    'same_site' => 'lax',
    'path' => '/',
    'domain' => null,
];
