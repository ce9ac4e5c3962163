<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use InvalidArgumentException;
use ZincPane\Core\Foreign;

/** Something of a page that cannot be: says which field, what came, and what would be allowed. */
final class SiteException extends InvalidArgumentException
{
    private function __construct(public readonly string $field, public readonly string $allowed, string $message)
    {
        parent::__construct($message);
    }

    public static function notAnAddress(mixed $given, int $longest): self
    {
        $allowed = "an address of small letters, digits and hyphens, at most {$longest} characters: kites-to-hire";

        return new self('address', $allowed, "address takes {$allowed}; got ".Foreign::shown($given).'.');
    }

    public static function reservedAddress(string $given): self
    {
        return new self('address', 'an address that the studio and its files do not need', '/'.Foreign::word($given).' is needed by the studio itself. Take another address.');
    }

    public static function takenAddress(string $given, string $title): self
    {
        return new self('address', 'an address that no other page has', '/'.Foreign::word($given).' is the address of “'.Foreign::word($title).'” already. Take another one.');
    }

    public static function homeStays(): self
    {
        return new self('address', 'the address it has', 'The page at the root of the site keeps its address, and stays.');
    }

    public static function noTitle(): self
    {
        return new self('title', 'some text', 'title takes some text; a page needs a name to be found by.');
    }

    public static function noLabel(): self
    {
        return new self('menu_label', 'some text, or nothing for no entry', 'A menu entry needs a label. Type one, or switch the entry off.');
    }

    public static function tooLong(string $field, int $length, int $longest): self
    {
        $allowed = "at most {$longest} characters";

        return new self($field, $allowed, "{$field} takes {$allowed}, got {$length}. Shorten it.");
    }

    public static function ownParent(string $title): self
    {
        return new self('parent', 'a page that does not stand below it', '“'.Foreign::word($title).'” would stand below itself in the menu.');
    }

    public static function noSuchParent(): self
    {
        return new self('parent', 'a page that is in the menu', 'The page above it is not in the menu, or no longer there.');
    }

    public static function tooDeep(int $most): self
    {
        return new self('parent', "at most {$most} levels", "The menu has at most {$most} levels.");
    }

    public static function noSuchSpot(int $given, int $last): self
    {
        return new self('spot', "a place from 0 to {$last}", "There is no place {$given} on this page any more; it has the places 0 to {$last}. Look at the page again.");
    }

    public static function notAPart(mixed $given, string $allowed): self
    {
        return new self('parts', $allowed, "parts takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function tooManyParts(int $given, int $most): self
    {
        return new self('parts', "at most {$most} parts", "A page has at most {$most} parts, got {$given}.");
    }

    public static function notAName(mixed $given, int $longest): self
    {
        $allowed = "a name of small letters, digits and hyphens, at most {$longest} characters";

        return new self('name', $allowed, "name takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function takenName(string $given): self
    {
        return new self('name', 'a name that nothing else on the page has', '#'.Foreign::word($given).' is on this page already; a name is the only one of its page.');
    }

    public static function notOwnWords(): self
    {
        return new self('parts', 'the places it has', 'This page was brought in; its words stay as its file has them.');
    }

    public static function notAllPages(): self
    {
        return new self('order', 'every page of the site once', 'order takes every page of the site once; one may have come or gone in another window. Look at the pages again.');
    }
}
