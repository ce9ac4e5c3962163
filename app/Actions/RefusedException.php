<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;
use ZincPane\Core\Access\AccessException;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Site\SiteException;

/** What the core refused: which field, and what would be allowed. */
final class RefusedException extends RuntimeException
{
    private function __construct(
        public readonly Refusal $reason,
        public readonly string $field,
        public readonly string $allowed,
        SettingException|ChangeException|SiteException|AccessException $previous,
    ) {
        parent::__construct($previous->getMessage(), 0, $previous);
    }

    public static function from(SettingException|ChangeException|SiteException|AccessException $refusal): self
    {
        return new self(match (true) {
            $refusal instanceof SettingException => Refusal::Setting,
            $refusal instanceof SiteException => Refusal::Page,
            $refusal instanceof AccessException => Refusal::Access,
            default => Refusal::Change,
        }, $refusal->field, $refusal->allowed, $refusal);
    }
}
