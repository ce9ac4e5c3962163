<?php

declare(strict_types=1);

namespace App\Console;

use App\Upkeep\Sweep;
use Illuminate\Console\Command;

final class SweepCommand extends Command
{
    protected $signature = 'zinc:sweep {--start : nothing else runs on these data}';

    protected $description = 'Throw away what killed work left behind';

    public function handle(Sweep $sweep): int
    {
        $gone = $sweep->handle($this->option('start') === true);
        if ($gone !== 0) {
            $this->line("Thrown away what interrupted work left behind: {$gone}.");
        }

        return self::SUCCESS;
    }
}
