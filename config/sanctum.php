<?php

// Tokens alone: the studio has sessions of its own.
return [
    'stateful' => [],
    'guard' => [],
    'expiration' => null,
    'token_prefix' => 'zinc_',
    'routes' => false,
];
