<?php

declare(strict_types=1);

/*
 * Remembers the data of a running installation, or restores them while it goes on running:
 * php tests/Browser/reset.php remember|restore DATA MEMORY
 */

[, $act, $data, $memory] = $argv;

/** What each path below a folder is: the folder itself, where a link leads, or which file it is. */
function listed(string $folder): array
{
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS), RecursiveIteratorIterator::SELF_FIRST) as $path => $file) {
        $found[substr($path, strlen($folder) + 1)] = match (true) {
            $file->isLink() => 'link '.readlink($path),
            $file->isDir() => 'folder',
            default => 'file '.$file->getInode(),
        };
    }

    return $found;
}

/** Makes one folder what another is. Files are never changed in place, so a second name for one is as good as a copy. */
function mirror(string $from, string $to): void
{
    is_dir($to) || mkdir($to);
    [$wanted, $there] = [listed($from), listed($to)];
    foreach (array_reverse(array_diff_assoc($there, $wanted), true) as $path => $kind) {
        $kind === 'folder' ? rmdir("{$to}/{$path}") : unlink("{$to}/{$path}");
    }
    foreach (array_diff_assoc($wanted, $there) as $path => $kind) {
        match (true) {
            $kind === 'folder' => mkdir("{$to}/{$path}"),
            str_starts_with($kind, 'link ') => symlink(substr($kind, 5), "{$to}/{$path}"),
            default => link("{$from}/{$path}", "{$to}/{$path}"),
        };
        if (posix_geteuid() === 0 && ! str_starts_with($kind, 'file ')) {
            lchown("{$to}/{$path}", lstat("{$from}/{$path}")['uid']);
            lchgrp("{$to}/{$path}", lstat("{$from}/{$path}")['gid']);
        }
    }
}

function database(string $path): SQLite3
{
    $database = new SQLite3($path);
    $database->busyTimeout(20_000);

    return $database;
}

/** Ends what still runs for a test that is over: what has begun comes to its end, what has not is forgotten. */
function endJobs(SQLite3 $database): void
{
    do {
        $database->exec('DELETE FROM jobs WHERE reserved_at IS NULL');
        $running = $database->querySingle('SELECT count(*) FROM jobs');
        usleep($running > 0 ? 10_000 : 0);
    } while ($running > 0);
}

$live = database("{$data}/zinc-pane.sqlite");
// What is remembered while a job runs would have it running for ever, and by nobody.
endJobs($live);
if ($act === 'remember') {
    mkdir($memory);
    $live->backup(new SQLite3("{$memory}/zinc-pane.sqlite"));
    mirror("{$data}/files", "{$memory}/files");
    exit;
}
database("{$memory}/zinc-pane.sqlite")->backup($live);
mirror("{$memory}/files", "{$data}/files");
foreach (['cache/data', 'sessions'] as $folder) {
    foreach (array_reverse(listed("{$data}/storage/framework/{$folder}"), true) as $path => $kind) {
        $path === '.gitignore' || ($kind === 'folder' ? rmdir("{$data}/storage/framework/{$folder}/{$path}") : unlink("{$data}/storage/framework/{$folder}/{$path}"));
    }
}
