<?php

declare(strict_types=1);

use Tests\Core\Today;

it('computes what it computed before', function (string $file): void {
    $before = json_decode((string) file_get_contents(__DIR__."/../golden/today/{$file}.json"), true, 512, JSON_THROW_ON_ERROR);
    // By way of JSON, as the file was written.
    $now = json_decode((string) json_encode(Today::{$file}(), JSON_PRESERVE_ZERO_FRACTION), true);
    expect(array_keys($now))->toBe(array_keys($before));
    foreach ($before as $of => $what) {
        expect($now[$of])->toBe($what, "{$file} of {$of}; if that was meant: php tests/golden/make.php, and read the difference");
    }
})->with(['boxes', 'measures', 'mends', 'looks', 'orders', 'drawn']);
