<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

use InvalidArgumentException;
use ZincPane\Core\Foreign;

/** A setting that cannot be: says which, what came, and what would be allowed. */
final class SettingException extends InvalidArgumentException
{
    private function __construct(
        public readonly string $field,
        public readonly string $allowed,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function outOfRange(string $field, mixed $given, int $least, int $most, string $unit = ''): self
    {
        $allowed = trim("a whole number from {$least} to {$most} {$unit}");

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function notInRange(string $field, mixed $given, float $least, float $most, string $unit = ''): self
    {
        $allowed = trim("a number from {$least} to {$most} {$unit}");

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    /**
     * @param  list<string>  $known
     */
    public static function notAmong(string $field, mixed $given, array $known): self
    {
        $allowed = 'one of '.implode(', ', $known);

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    /**
     * @param  list<string>  $known
     */
    public static function unknownKey(string $parent, string $key, array $known): self
    {
        $allowed = 'the keys '.implode(', ', $known);

        return new self(
            $parent.'.'.Foreign::word($key),
            $allowed,
            Foreign::shown($key)." is not a setting of {$parent}; it has {$allowed}.",
        );
    }

    public static function notAGroup(string $field, mixed $given): self
    {
        return new self($field, 'a group of settings', "{$field} takes a group of settings, got ".Foreign::shown($given).'.');
    }

    public static function notText(string $field, mixed $given, int $longest): self
    {
        $allowed = "text of at most {$longest} characters";

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function nothingToFind(): self
    {
        return new self('fill.find', 'some text', 'fill.find takes some text; there is nothing to replace without it.');
    }

    public static function notAPoint(string $field, mixed $given): self
    {
        $allowed = 'two shares of the picture, each from 0 to 1';

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function notAFlag(string $field, mixed $given): self
    {
        return new self($field, 'true or false', "{$field} takes true or false, got ".Foreign::shown($given).'.');
    }

    public static function wrongSchema(mixed $given, int $known): self
    {
        return new self('design.schema', (string) $known, "design.schema takes {$known}, got ".Foreign::shown($given).'.');
    }
}
