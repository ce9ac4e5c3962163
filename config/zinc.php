<?php

return [
    'limits' => [
        // Of one picture file, in bytes. bin/start gives the web server the same limit.
        'bytes' => (int) env('ZINC_MAX_BYTES', 80 * 1024 * 1024),
        // Of one picture, in megapixels of its header.
        'megapixels' => 120,
        // Of one process of the imaging library.
        'seconds' => 60,
        'memory_bytes' => 3 * 1024 ** 3,
    ],
    'demo' => [
        // Made up by chance when it is not given; bin/start prints it from the file.
        'password' => env('ZINC_DEMO_PASSWORD'),
        'account_file' => env('ZINC_ACCOUNT_FILE', storage_path('app/demo-account.txt')),
    ],
    'quality' => ['webp' => 80, 'jpg' => 82],
];
