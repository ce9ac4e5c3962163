<?php

$root = env('ZINC_FILES', storage_path('app/files'));

return [
    'default' => 'originals',
    'disks' => [
        // The framework's own; nothing is kept there, and it is not served.
        'local' => ['driver' => 'local', 'root' => $root, 'serve' => false],
        // What was handed in, by content hash; never changed.
        'originals' => ['driver' => 'local', 'root' => $root.'/originals', 'throw' => true],
        // Everything made from originals; could be made again.
        'renditions' => ['driver' => 'local', 'root' => $root.'/renditions', 'throw' => true],
        // Files on their way in, in parts, and ZIPs that are being unpacked.
        'parts' => ['driver' => 'local', 'root' => $root.'/parts', 'throw' => true],
        // What visitors may read; written by put live alone.
        'live' => ['driver' => 'local', 'root' => $root.'/live', 'throw' => true],
    ],
];
