<?php

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', (getenv('ZINC_DATA') ?: storage_path('app')).'/zinc-pane.sqlite'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 15000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            // Bytes read as memory, and KiB kept of them: a search goes through thousands of rows.
            'pragmas' => ['mmap_size' => 268435456, 'cache_size' => -16384],
        ],
    ],
    // Only where the queue, the cache or the sessions are said to be there (docs/hosting.md).
    'redis' => [
        'client' => 'phpredis',
        'options' => ['prefix' => env('REDIS_PREFIX', 'zinc-pane:')],
        'default' => ['host' => env('REDIS_HOST', '127.0.0.1'), 'port' => (int) env('REDIS_PORT', 6379), 'password' => env('REDIS_PASSWORD'), 'database' => (int) env('REDIS_DB', 0)],
        'cache' => ['host' => env('REDIS_HOST', '127.0.0.1'), 'port' => (int) env('REDIS_PORT', 6379), 'password' => env('REDIS_PASSWORD'), 'database' => (int) env('REDIS_CACHE_DB', 1)],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
