<?php

// Longer than the longest piece of work: what is still in hand is not handed to a second one.
$retryAfter = 3700;

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        // For tests that look at orders without doing them.
        'null' => ['driver' => 'null'],
        'database' => ['driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => $retryAfter, 'after_commit' => false],
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'queue' => 'default', 'retry_after' => $retryAfter, 'block_for' => 3, 'after_commit' => false],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => 'sqlite', 'table' => 'failed_jobs'],
];
