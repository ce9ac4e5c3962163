<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** On a disk of 24 MB of its own, in a namespace of its own: nothing else on the machine hears of it. */
function onSmallDisk(string $fault): array
{
    $folder = sys_get_temp_dir().'/zinc-pane-disk-'.bin2hex(random_bytes(6));
    mkdir($folder);
    $namespace = posix_geteuid() === 0 ? ['unshare', '-m'] : ['unshare', '-rm'];
    $process = new Process([...$namespace, 'sh', '-c', 'mount -t tmpfs -o size=24m,mode=755 none "$1" && exec php "$2" "$1" "$3"', 'sh', $folder, __DIR__.'/processes/machine.php', $fault], timeout: 120);
    $process->run();
    rmdir($folder);
    expect($process->getExitCode())->toBe(0, "{$fault}: ".substr($process->getOutput().$process->getErrorOutput(), 0, 3000));

    return json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);
}

it('tells truly what is wrong with the machine, keeps what it had, and goes on once that is well', function (string $fault, string $told, string $then): void {
    expect(onSmallDisk($fault))->toBe([$told, $then]);
})->with(sample([
    'a full disk, for a file' => ['full-upload', '507 disk-full later', '201 '],
    'a full disk, as a gallery goes live' => ['full-live', '507 disk-full later, visitors see 7', '200  visitors see 9'],
    'nothing to read pictures with' => ['no-reader', '503 tool-missing later', '201 '],
    'a database that somebody holds' => ['database-held', '503 database-busy later', '200 '],
    'a lock that a killed process left' => ['lock-left', '200 ', 'at once'],
    'a clock put back by days' => ['clock-back', '200 ', '200  visitors see 11'],
    'a full disk, for a part of one' => ['full-part', '507 disk-full later', '201 '],
    'a full disk, as a file is finished' => ['full-finish', '507 disk-full later', '201 '],
    'a full disk, for a change' => ['full-database', '507 disk-full later', '200 '],
    'a full disk, as renditions are made' => ['full-renditions', 'failed: The disk of the server is full; it goes on by itself once there is room.', 'ready'],
    'a full disk, as a ZIP is unpacked' => ['full-zip', 'held', 'done ready ready ready'],
    'nothing to make pictures with' => ['no-maker', '503 tool-missing later', '201 '],
    'nothing to read facts with' => ['no-facts', '503 tool-missing later', '201 '],
    'nothing to write videos with' => ['no-film', '503 tool-missing later', '200 '],
    'nothing to pack with: it goes on without' => ['no-packer', '200 ', '200 '],
    'a clock years ahead' => ['clock-ahead', '201 ', '200  visitors see 9'],
    'originals that cannot be written' => ['originals-read-only', '503 not-writable later', '201 '],
    'renditions that are gone' => ['renditions-gone', '200 ', 'made anew'],
    'what was live is gone' => ['live-gone', 'none', '200  visitors see 9'],
    'parts that are gone' => ['parts-gone', '409 part-not-taken', '201 '],
    'a database that cannot be written' => ['database-read-only', '503 not-writable later', '200 '],
], 6));
