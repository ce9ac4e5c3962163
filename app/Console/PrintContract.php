<?php

declare(strict_types=1);

namespace App\Console;

use App\Contract\Contract;
use Illuminate\Console\Command;

/** Prints the contract of the studio's API; bin/types makes the studio's types of it. */
final class PrintContract extends Command
{
    protected $signature = 'zinc:contract';

    protected $description = 'Print what every address of the API answers, as JSON Schema';

    public function handle(): int
    {
        $this->output->writeln(json_encode(Contract::schema(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));

        return self::SUCCESS;
    }
}
