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

    public static function notAColour(string $field, mixed $given): self
    {
        $allowed = 'a colour as # and six hexadecimal digits';

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function notAPicture(string $field, mixed $given): self
    {
        $allowed = 'the identifier of a picture of the store, or nothing';

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    /** A text that is not of the form it must have. */
    public static function notOfForm(string $field, mixed $given, string $allowed, int $longest): self
    {
        $allowed = "{$allowed}, at most {$longest} characters";

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    /**
     * @param  non-empty-list<string>  $refused  each with what is wrong with it
     */
    public static function refusedCss(string $field, array $refused): self
    {
        $allowed = 'rules for this gallery alone';

        return new self($field, $allowed, "{$field} takes {$allowed}; this cannot be: ".implode('; ', $refused).'. Nothing was stored.');
    }

    public static function takenId(string $field, string $id, string $where): self
    {
        return new self($field, 'an id that is not on the page yet', "{$field}: “{$id}” is on {$where} already; an id is the only one of its page.");
    }

    public static function takenName(string $name): self
    {
        return new self('name', 'a name that no other finish has', 'There is a finish called “'.Foreign::word($name).'” already. Give it another name.');
    }

    public static function wrongSchema(mixed $given, int $known): self
    {
        return new self('design.schema', (string) $known, "design.schema takes {$known}, got ".Foreign::shown($given).'.');
    }
}
