<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Settings\SettingException;

/** What the core refused: which field, and what would be allowed. */
final class RefusedException extends RuntimeException
{
    private function __construct(
        public readonly Refusal $reason,
        public readonly string $field,
        public readonly string $allowed,
        SettingException|ChangeException $previous,
    ) {
        parent::__construct($previous->getMessage(), 0, $previous);
    }

    public static function from(SettingException|ChangeException $refusal): self
    {
        return new self($refusal instanceof SettingException ? Refusal::Setting : Refusal::Change, $refusal->field, $refusal->allowed, $refusal);
    }
}
