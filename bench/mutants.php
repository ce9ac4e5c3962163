<?php

declare(strict_types=1);

/*
 * How many random faults of one line the tests notice: php bench/mutants.php core|app[/FOLDER] [HOW-MANY] [SEED]
 *
 * Each is tried in a copy of the project, with the test files that come along its line (pcov tells which).
 * Prints every fault that no test noticed, and the share that was.
 */

use Bench\Mutants\Mutant;
use Bench\Mutants\Trial;
use Symfony\Component\Finder\Finder;

require __DIR__.'/../vendor/autoload.php';

[$folder, $count, $seed] = [$argv[1] ?? '', (int) ($argv[2] ?? 100), (int) ($argv[3] ?? random_int(1, 1 << 30))];
if (preg_match('~^(core|app)(/\w+)?$~D', $folder) !== 1 || ! is_dir(dirname(__DIR__)."/{$folder}") || $count < 1) {
    fwrite(STDERR, "Usage: php bench/mutants.php core|app[/FOLDER] [HOW-MANY] [SEED]\n");
    exit(2);
}
$root = dirname(__DIR__);
$all = [];
foreach (Finder::create()->files()->in("{$root}/{$folder}")->name('*.php')->sortByName() as $file) {
    $all = [...$all, ...Mutant::of($file->getPathname())];
}
$random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$trial = new Trial($root, str_starts_with($folder, 'core') ? 'Core' : 'Feature');
$trial->watch($folder);
$noticed = 0;
$tried = array_slice($random->shuffleArray($all), 0, $count);
foreach ($tried as $mutant) {
    if ($trial->isNoticed($mutant)) {
        $noticed++;

        continue;
    }
    printf("%s:%d  %s  ->  %s\n", substr($mutant->file, strlen($root) + 1), $mutant->line, $mutant->before, $mutant->after === '' ? '(left out)' : $mutant->after);
}
printf("%s: %d of %d faults noticed, %.0f %%; %d possible, seed %d\n", $folder, $noticed, count($tried), 100 * $noticed / max(1, count($tried)), count($all), $seed);
