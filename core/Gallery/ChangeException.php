<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

use InvalidArgumentException;
use ZincPane\Core\Foreign;

/** A change that cannot be made: says which field, what came, and what would be allowed. */
final class ChangeException extends InvalidArgumentException
{
    private function __construct(
        public readonly string $field,
        public readonly string $allowed,
        string $message,
    ) {
        parent::__construct($message);
    }

    /**
     * @param  list<string>  $known
     */
    public static function unknownKind(mixed $given, array $known): self
    {
        $allowed = 'one of '.implode(', ', $known);

        return new self('kind', $allowed, "kind takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    /**
     * @param  list<string>  $known
     */
    public static function unknownWord(string $given, array $known): self
    {
        $allowed = 'the fields '.implode(', ', $known);

        return new self('words.'.Foreign::word($given), $allowed, Foreign::shown($given)." is no word of a picture; there are {$allowed}.");
    }

    public static function notText(string $field, mixed $given): self
    {
        return new self($field, 'text', "{$field} takes text, got ".Foreign::shown($given).'.');
    }

    public static function tooLong(string $field, int $length, int $longest): self
    {
        $allowed = "at most {$longest} characters";

        return new self($field, $allowed, "{$field} takes {$allowed}, got {$length}. Shorten it.");
    }

    public static function emptyTitle(): self
    {
        return new self('title', 'some text', 'title takes some text; a gallery needs a name to be found by.');
    }

    public static function notAGroup(string $field, mixed $given): self
    {
        return new self($field, 'a group of settings', "{$field} takes a group of settings, got ".Foreign::shown($given).'.');
    }

    public static function notAList(string $field, mixed $given): self
    {
        return new self($field, 'a list of identifiers', "{$field} takes a list of identifiers, got ".Foreign::shown($given).'.');
    }

    public static function unknownItem(mixed $given): self
    {
        return new self('items', 'identifiers of this gallery\'s items', Foreign::shown($given).' is not in this gallery; it may have been taken out in another window.');
    }

    public static function takenItem(string $given): self
    {
        return new self('items', 'identifiers not yet in this gallery', Foreign::shown($given).' is already in this gallery.');
    }

    public static function notTheSameItems(): self
    {
        return new self('items', 'every item of the gallery once', 'items takes every item of the gallery once.');
    }
}
