<?php

declare(strict_types=1);

namespace App\Console;

/** What was typed behind the name of a command, as text. */
trait TellsText
{
    private function typed(string $argument): string
    {
        $value = $this->argument($argument);

        return is_string($value) ? $value : '';
    }

    private function chosen(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }
}
