<?php

declare(strict_types=1);

namespace App\Access;

use RuntimeException;

/** Somebody is not let in. What was wrong is not told beyond what is needed to go on. */
final class SignInException extends RuntimeException
{
    private function __construct(public readonly bool $needsCode, string $message)
    {
        parent::__construct($message);
    }

    public static function refused(): self
    {
        return new self(false, 'E-mail and password do not belong together. Check both and try again.');
    }

    public static function codeNeeded(): self
    {
        return new self(true, 'Now the code that your authenticator shows, or one of your recovery codes.');
    }

    public static function wrongCode(): self
    {
        return new self(false, 'The code is not the right one, or was used already. Wait for the next one and try again.');
    }
}
