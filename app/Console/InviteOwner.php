<?php

declare(strict_types=1);

namespace App\Console;

use App\Access\People;
use App\Models\User;
use App\Serving\Hosts;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;

/** Prints an invitation for an owner, for whoever may log in to the server: the way in where nobody has one any more. */
final class InviteOwner extends Command
{
    protected $signature = 'zinc:invite {email}';

    protected $description = 'Print a link that lets somebody in as an owner, once';

    public function handle(People $people): int
    {
        $by = User::query()->oldest()->first();
        if ($by === null) {
            $this->error('Nobody is here yet. Load the site first: php artisan zinc:demo');

            return self::FAILURE;
        }
        $email = $this->argument('email');
        try {
            $this->line(Hosts::invitation($people->invite($by, $email, 'owner')));
        } catch (ValidationException $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
