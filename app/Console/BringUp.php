<?php

declare(strict_types=1);

namespace App\Console;

use App\Publishing\LiveSite;
use App\Upgrading\OldDesigns;
use App\Upgrading\OldEditions;
use App\Upgrading\OldEntries;
use App\Upgrading\OldPictures;
use App\Upgrading\Outdated;
use Illuminate\Console\Command;
use Throwable;

/** Brings what earlier versions stored up to this one. May be stopped at any time, and goes on where it was. */
final class BringUp extends Command
{
    protected $signature = 'zinc:bring-up';

    protected $description = 'Bring what earlier versions stored up to this one; may be interrupted and run again';

    public function handle(OldDesigns $designs, OldEntries $entries, OldEditions $editions, OldPictures $pictures, LiveSite $live): int
    {
        $live->settle();
        foreach ([$designs, $entries, $editions, $pictures] as $outdated) {
            $this->all($outdated);
        }

        return self::SUCCESS;
    }

    private function all(Outdated $outdated): void
    {
        $left = $outdated->left();
        if ($left === []) {
            return;
        }
        $this->line('Bringing up '.count($left)." {$outdated->label()} …");
        $bar = $this->output->createProgressBar(count($left));
        $failed = [];
        foreach ($left as $id) {
            try {
                $outdated->bringUp($id);
            } catch (Throwable $exception) {
                // One that cannot be read must not hold up the others, nor the start.
                $failed[] = "{$id}: {$exception->getMessage()}";
            }
            $bar->advance();
        }
        $bar->finish();
        $this->newLine();
        foreach ($failed as $why) {
            $this->warn("Left as it was, {$why}");
        }
    }
}
