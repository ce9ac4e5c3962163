<?php

declare(strict_types=1);

namespace App\Console;

use App\Upkeep\Tend;
use Illuminate\Console\Command;

final class TendCommand extends Command
{
    protected $signature = 'zinc:tend';

    protected $description = 'Take up what was left lying by work that was killed, or while the disk was full';

    public function handle(Tend $tend): int
    {
        $tend->handle();

        return self::SUCCESS;
    }
}
