<?php

declare(strict_types=1);

use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;

/** Processes killed at moments of chance: a few with every run, 200 in the long one. */
it('loses nothing and leaves nothing half done, whenever it is killed', function (): void {
    $folder = "{$this->files}/shared";
    (new Filesystem)->ensureDirectoryExists($folder);
    $begun = function (string $act, string $what = '') use ($folder): Process {
        $process = new Process(['php', __DIR__.'/processes/act.php', $folder, $act, $what]);
        $process->start();

        return $process;
    };
    $done = function (string $act, string $what = '') use ($begun): mixed {
        $process = $begun($act, $what);
        $process->wait();
        expect($process->getExitCode())->toBe(0, "{$act}: ".substr($process->getOutput().$process->getErrorOutput(), 0, 2000));

        return json_decode($process->getOutput(), true);
    };
    [$gallery] = $done('begin');
    $zip = "{$folder}/kites.zip";
    $packed = new ZipArchive;
    $packed->open($zip, ZipArchive::CREATE);
    foreach (range(1, 6) as $seed) {
        $packed->addFile($this->pictureFile('jpg', 900, 600, 900 + $seed), "kite-{$seed}.jpg");
    }
    $packed->close();
    [$first] = $done('take', $this->pictureFile('jpg', 1500, 1000, 1));
    $done('put-in', "{$gallery}@{$first}");

    $chance = dice(4);
    $killed = $ended = 0;
    $promised = ['gap' => null, 'pictures' => 1, 'batch' => null];
    $acts = ['take', 'render', 'live', 'gap', 'zip'];
    $wanted = trials(200, 2);
    for ($turn = 0; $killed < $wanted; $turn++) {
        $act = $acts[$turn % count($acts)];
        $gap = 1 + $turn % 60;
        $promised['batch'] ??= $done('zip-begin', "{$gallery}@{$zip}");
        $process = $begun($act, match ($act) {
            'take' => $this->pictureFile('jpg', 1500, 1000, 5000 + $turn), 'render' => $first, 'gap' => "{$gallery}@{$gap}", 'zip' => $promised['batch'], default => $gallery,
        });
        usleep($chance->getInt(60_000, $act === 'zip' ? 3_000_000 : 900_000));
        $process->isRunning() && posix_kill((int) $process->getPid(), SIGKILL);
        try {
            $process->wait();
        } catch (ProcessSignaledException) {
            $killed++;
            // A change that was killed came to pass or not; never half.
            $promised['gap'] = $act === 'gap' ? null : $promised['gap'];
        }
        if (! $process->hasBeenSignaled()) {
            expect($process->getExitCode())->toBe(0, substr($process->getOutput().$process->getErrorOutput(), 0, 2000));
            $ended++;
            // What was said to be done is done for good.
            $promised['gap'] = $act === 'gap' ? $gap : $promised['gap'];
            $promised['pictures'] += $act === 'take' ? 1 : 0;
            $promised['batch'] = $act === 'zip' ? null : $promised['batch'];
        }
        if ($killed % 5 === 0 || $killed === $wanted) {
            expect($done('amiss'))->toBe([], "after {$killed} killed, the last at {$act}");
        }
        expect($done('count', $gallery)[0])->toBeGreaterThanOrEqual($promised['pictures']);
    }
    fwrite(STDERR, isLong() ? "\n{$killed} killed, {$ended} ended before\n" : '');

    // And what was begun comes to its end by itself.
    $promised['batch'] === null || $done('zip', $promised['batch']);
    $done('render', $first);
    $done('live', $gallery);
    expect($done('amiss'))->toBe([])->and($done('told', $gallery))->toBe([])->and($done('count', $gallery)[1])->toBe(8);
});
