<?php

declare(strict_types=1);

namespace App\Access;

use RuntimeException;

/** A token that may do other things than what was asked for. */
final class ScopeException extends RuntimeException
{
    public static function lacks(string $scope, string $token): self
    {
        return new self("The token “{$token}” does not have the scope “{$scope}”. Make one that has it, in the studio under your account.");
    }
}
