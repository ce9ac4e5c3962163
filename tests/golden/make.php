<?php

declare(strict_types=1);

// Writes anew what the core computes today: php tests/golden/make.php

use Tests\Core\Today;

require __DIR__.'/../../vendor/autoload.php';
require_once __DIR__.'/../Core/support.php';

foreach (Today::all() as $name => $facts) {
    file_put_contents(__DIR__."/today/{$name}.json", json_encode($facts, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION)."\n");
}
