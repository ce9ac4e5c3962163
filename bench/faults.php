<?php

declare(strict_types=1);

/*
 * Faults on purpose: php bench/faults.php hostile|fuzz|kills|machine|all
 *
 * The same as the tests of those names try a part of with every run, here to the full: 441 hostile files in
 * two ways, 3,200 spoilt requests, 200 processes killed at moments of chance, and what can be wrong with a
 * machine. Prints the counts; ends with a fault where one was found.
 */

$trials = ['hostile' => 'HostileTest', 'fuzz' => 'FuzzTest', 'kills' => 'KillsTest', 'machine' => 'MachineTest'];
$asked = $argv[1] ?? '';
if ($asked !== 'all' && ! isset($trials[$asked])) {
    fwrite(STDERR, 'Usage: php bench/faults.php '.implode('|', array_keys($trials))."|all\n");
    exit(2);
}
chdir(dirname(__DIR__));
putenv('ZINC_LONG=1');
$status = 0;
foreach ($asked === 'all' ? $trials : [$asked => $trials[$asked]] as $test) {
    passthru('php -d memory_limit=1G vendor/bin/pest '.escapeshellarg("tests/Feature/{$test}.php"), $code);
    $status = max($status, $code);
}
exit($status);
