<?php

// Read by the web server too, which may be another user: what is closed is the folder around them.
$open = ['visibility' => 'public', 'directory_visibility' => 'public'];
$root = env('ZINC_FILES', (getenv('ZINC_DATA') ?: storage_path('app')).'/files');

return [
    'default' => 'originals',
    'disks' => [
        // The framework's own; nothing is kept there, and it is not served.
        'local' => ['driver' => 'local', 'root' => $root, 'serve' => false],
        // What was handed in, by content hash; never changed.
        'originals' => ['driver' => 'local', 'root' => $root.'/originals', 'throw' => true, ...$open],
        // Everything made from originals; could be made again.
        'renditions' => ['driver' => 'local', 'root' => $root.'/renditions', 'throw' => true, ...$open],
        // Files on their way in, in parts, and ZIPs that are being unpacked.
        'parts' => ['driver' => 'local', 'root' => $root.'/parts', 'throw' => true],
        // What visitors may read; written by put live alone.
        'live' => ['driver' => 'local', 'root' => $root.'/live', 'throw' => true, ...$open],
    ],
];
