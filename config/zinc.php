<?php

return [
    // Who may say in whose name it speaks (X-Forwarded-For, -Proto), separated by commas; nobody by itself.
    'proxies' => env('ZINC_PROXIES', ''),
    // Names that this installation answers to beside that of APP_URL, separated by commas.
    'hosts' => env('ZINC_HOSTS', ''),
    // How other devices of the network reach this machine, where bin/start --lan lets them in: http://192.168.1.20:8000.
    'nearby' => env('ZINC_NEARBY', ''),
    'limits' => [
        // Of one picture file, and of one video, in bytes.
        'bytes' => (int) env('ZINC_MAX_BYTES', 200 * 1024 * 1024),
        'video_bytes' => (int) env('ZINC_MAX_VIDEO_BYTES', 500 * 1024 * 1024),
        // Of the words of a video, in bytes.
        'track_bytes' => 1024 ** 2,
        // Of one request; larger files come in parts.
        'request_bytes' => 80 * 1024 * 1024,
        'part_bytes' => (int) env('ZINC_PART_BYTES', 8 * 1024 * 1024),
        // Of a ZIP: the file itself, all that is in it once unpacked, entries, and how much one may grow by.
        'zip_bytes' => 1024 ** 3,
        'zip_unpacked_bytes' => 4 * 1024 ** 3,
        'zip_entries' => 2000,
        'zip_growth' => 100,
        // Of one picture, in megapixels of its header.
        'megapixels' => 120,
        // Of one that moves and is to move for visitors: the file, its pictures, and megapixels of all of them together.
        'moving_bytes' => 10 * 1024 * 1024,
        'moving_pictures' => 300,
        'moving_megapixels' => 120,
        // Of one process of the imaging library.
        'seconds' => 60,
        'memory_bytes' => 3 * 1024 ** 3,
        // Of what one of its processes may say, in bytes; more is read of no file.
        'said_bytes' => 2 * 1024 ** 2,
    ],
    'demo' => [
        // Made up by chance when it is not given; bin/start prints it from the file.
        'password' => env('ZINC_DEMO_PASSWORD'),
        'account_file' => env('ZINC_ACCOUNT_FILE', (getenv('ZINC_DATA') ?: storage_path('app')).'/demo-account.txt'),
    ],
    'quality' => ['webp' => 80, 'jpg' => 82],
];
