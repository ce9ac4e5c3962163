<?php

declare(strict_types=1);

// What can be wrong with a machine, by name; with the helpers of machine.php.

use App\Jobs\MakeRenditions;
use App\Models\Batch;
use App\Models\Picture;
use App\Upkeep\Tend;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

return [
    'full-upload' => static function () use ($fill, $again, $send): array {
        $fill();

        return $again(static fn (): string => $send(1));
    },
    'full-part' => static function () use ($fill, $empty, $begin, $part, $received, $picture): array {
        $bytes = (string) file_get_contents($picture(1));
        $upload = $begin($bytes);
        $fill(4096);
        $full = $part($upload, $bytes, 0);
        $empty();
        clearstatcache();

        return [$full, $part($upload, substr($bytes, $received($upload)), $received($upload))];
    },
    'full-finish' => static function () use ($fill, $empty, $begin, $part, $picture, $ask): array {
        $bytes = (string) file_get_contents($picture(1));
        $upload = $begin($bytes);
        $part($upload, substr($bytes, 0, -1), 0);
        $fill(6000);
        $full = $part($upload, substr($bytes, -1), strlen($bytes) - 1);
        $empty();

        return [$full, $ask('GET', "uploads/{$upload->id}/outcome")];
    },
    'full-database' => static function () use ($fill, $again, $change): array {
        $fill();

        return $again(static fn (): string => $change(7));
    },
    'full-renditions' => static function () use ($app, $fill, $empty, $send): array {
        config(['queue.default' => 'null']);
        $send(1);
        $one = Picture::query()->sole();
        $fill(150_000);
        $job = new MakeRenditions($one->id);
        try {
            $app->call([$job, 'handle']);
        } catch (Throwable $thrown) {
            $empty();
            $job->failed($thrown);
        }
        $failed = $one->refresh()->state->value.': '.$one->failure;
        config(['queue.default' => 'sync']);
        // Longer than an order counts as waiting that got lost with its queue.
        Carbon::setTestNow(now()->addMinutes(11));
        $app->make(Tend::class)->handle();

        return [$failed, $one->refresh()->state->value];
    },
    'full-live' => static function () use ($fill, $empty, $live, $change, $seen): array {
        $change(7);
        $live();
        $change(9);
        $fill(20_000);
        $full = $live();
        $before = $seen();
        $empty();

        return ["{$full}, visitors see {$before}", $live().' visitors see '.$seen()];
    },
    'full-zip' => static function () use ($app, $folder, $fill, $empty, $picture, $gallery): array {
        $zip = new ZipArchive;
        @mkdir("{$folder}/files/parts", 0755, true);
        $batch = Batch::query()->create(['gallery_id' => $gallery->id, 'name' => 'kites.zip', 'total' => 3]);
        $zip->open("{$folder}/files/parts/{$batch->id}", ZipArchive::CREATE);
        foreach ([1, 2, 3] as $seed) {
            $zip->addFile($picture($seed), "kite-{$seed}.jpg");
        }
        $zip->close();
        $fill(20_000);
        try {
            $app->make(App\Intake\Workshop::class)->takeInZip($batch->id);
        } catch (Throwable) {
            // The queue notes it.
        }
        $held = $batch->refresh()->state;
        $empty();
        Carbon::setTestNow(now()->addMinutes(2));
        $app->make(Tend::class)->handle();

        return [$held, $batch->refresh()->state.' '.implode(' ', array_column($batch->outcomes, 'state'))];
    },
    'no-reader' => static function () use ($missing, $back, $send): array {
        $missing('vipsheader');
        $without = $send(1);
        $back('vipsheader');

        return [$without, $send(1)];
    },
    'no-maker' => static function () use ($missing, $back, $send): array {
        $missing('vips');
        $without = $send(1);
        $back('vips');

        return [$without, $send(1)];
    },
    'no-facts' => static function () use ($missing, $back, $send): array {
        $missing('exiftool');
        $without = $send(1);
        $back('exiftool');

        return [$without, $send(1)];
    },
    'no-film' => static function () use ($missing, $back, $ask, $gallery, $live, $send): array {
        $ask('POST', "galleries/{$gallery->id}/pictures", [], ['picture' => new UploadedFile(__DIR__.'/../files/clip.mp4', 'clip.mp4', null, null, true)]);
        $send(1);
        Picture::query()->where('kind', 'video')->update(['poster_id' => Picture::query()->where('kind', 'picture')->value('id')]);
        $missing('ffmpeg');
        $without = $live();
        $back('ffmpeg');

        return [$without, $live()];
    },
    'no-packer' => static function () use ($missing, $live): array {
        is_file('/usr/bin/brotli') && $missing('brotli');

        return [$live(), $live()];
    },
    'database-held' => static function () use ($folder, $change): array {
        DB::connection()->getPdo()->exec('PRAGMA busy_timeout = 300');
        $other = new PDO("sqlite:{$folder}/db.sqlite");
        $other->exec('BEGIN IMMEDIATE');
        $held = $change(7);
        $other->exec('ROLLBACK');

        return [$held, $change(7)];
    },
    'lock-left' => static function () use ($folder, $live): array {
        $live();
        // Held by a process that is killed: the system lets go of it.
        $lock = glob("{$folder}/files/sf.put-live.*")[0];
        $holder = proc_open(['php', '-r', '$lock = fopen($argv[1], "c"); echo flock($lock, LOCK_EX), "\n"; sleep(60);', $lock], [1 => ['pipe', 'w']], $pipes);
        fgets($pipes[1]) === "1\n" || exit('The lock was not held.');
        proc_terminate($holder, SIGKILL);
        proc_close($holder);
        $begun = hrtime(true);
        $status = $live();

        return [$status, (hrtime(true) - $begun) / 1e9 < 5 ? 'at once' : 'late'];
    },
    'clock-back' => static function () use ($live, $change, $seen): array {
        $change(7);
        $live();
        Carbon::setTestNow(now()->subDays(3));
        $change(9);
        $first = $live();
        $change(11);

        return [$first, $live().' visitors see '.$seen()];
    },
    'clock-ahead' => static function () use ($live, $change, $seen, $send): array {
        Carbon::setTestNow(now()->addYears(9));
        $sent = $send(1);
        $change(9);

        return [$sent, $live().' visitors see '.$seen()];
    },
    'originals-read-only' => static function () use ($folder, $run, $send): array {
        @mkdir("{$folder}/files/originals", 0755, true);
        $run("mount -t tmpfs -o ro none {$folder}/files/originals");
        $read = $send(1);
        $run("umount {$folder}/files/originals");

        return [$read, $send(1)];
    },
    'renditions-gone' => static function () use ($folder, $run, $send, $live, $change): array {
        $send(1);
        $run("rm -rf {$folder}/files/renditions {$folder}/files/live/media");
        $change(9);
        $status = $live();
        $made = count(glob("{$folder}/files/live/media/*/*"));

        return [$status, $made > 3 ? 'made anew' : "{$made} files"];
    },
    'live-gone' => static function () use ($folder, $run, $live, $change, $seen): array {
        $change(9);
        $live();
        $run("rm -rf {$folder}/files/live");

        return [$seen(), $live().' visitors see '.$seen()];
    },
    'parts-gone' => static function () use ($folder, $run, $begin, $part, $received, $picture): array {
        $bytes = (string) file_get_contents($picture(1));
        $upload = $begin($bytes);
        $part($upload, substr($bytes, 0, 9000), 0);
        $run("rm -rf {$folder}/files/parts");
        clearstatcache();
        $lost = $part($upload, substr($bytes, 9000), 9000);
        clearstatcache();

        return [$lost, $part($upload, $bytes, $received($upload))];
    },
    'database-read-only' => static function () use ($folder, $run, $change, $ask, $gallery): array {
        $body = ['version' => $gallery->refresh()->version, 'change' => ['kind' => 'about', 'about' => ['title' => 'Two']]];
        DB::purge();
        gc_collect_cycles();
        $run("mount -o remount,ro {$folder}");
        $read = $ask('PATCH', "galleries/{$gallery->id}", $body);
        DB::purge();
        $run("mount -o remount,rw {$folder}");

        return [$read, $change(7)];
    },
];
