<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

use InvalidArgumentException;
use ZincPane\Core\Foreign;

/** Something about who may see a gallery that cannot be: says which field, what came, and what would be allowed. */
final class AccessException extends InvalidArgumentException
{
    private function __construct(public readonly string $field, public readonly string $allowed, string $message)
    {
        parent::__construct($message);
    }

    public static function unknownRule(mixed $given): self
    {
        $allowed = implode(', ', array_column(EmbedRule::cases(), 'value'));

        return new self('rule', $allowed, "rule takes one of {$allowed}; got ".Foreign::shown($given).'.');
    }

    public static function notAnOrigin(mixed $given): self
    {
        $allowed = 'the address of a site: https://saltreed.example, or https://*.saltreed.example for all below it';

        return new self('origins', $allowed, "origins takes {$allowed}; got ".Foreign::shown($given).'.');
    }

    public static function noOrigins(): self
    {
        return new self('origins', 'at least one address of a site', 'Name at least one site, or choose that no site may embed it.');
    }

    public static function tooMany(int $count, int $most): self
    {
        return new self('origins', "at most {$most} sites", "origins takes at most {$most} sites, got {$count}.");
    }

    public static function weakLock(string $why): self
    {
        return new self('password', 'a password that nobody guesses', $why);
    }

    public static function badHours(mixed $given, int $least, int $most): self
    {
        return new self('hours', "a whole number from {$least} to {$most}", "hours takes a whole number from {$least} to {$most}; got ".Foreign::shown($given).'.');
    }

    public static function notAPage(mixed $given): self
    {
        return new self('page_id', 'a page of the site, or null', 'page_id takes a page of the site, or null for none; got '.Foreign::shown($given).'.');
    }

    public static function tokenName(int $length, int $longest): self
    {
        $allowed = "a name of 1 to {$longest} characters";

        return new self('name', $allowed, "name takes {$allowed}, by which the token is known later; got {$length}.");
    }

    public static function unknownScope(mixed $given): self
    {
        $allowed = implode(', ', array_column(Scope::cases(), 'value'));

        return new self('scopes', $allowed, "scopes takes some of {$allowed}; got ".Foreign::shown($given).'.');
    }

    public static function noScope(): self
    {
        return new self('scopes', implode(', ', array_column(Scope::cases(), 'value')), 'A token that may do nothing opens nothing: choose at least one.');
    }

    public static function tooManyTokens(int $most): self
    {
        return new self('name', "at most {$most} tokens", "There are {$most} tokens, the most that one person has. Revoke one that is not used any more.");
    }
}
