<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use InvalidArgumentException;
use ZincPane\Core\Foreign;

/** A file from outside that cannot be read as what it is meant to be: says where, and why. */
final class FormatException extends InvalidArgumentException
{
    /**
     * @param  string  $where  path of what is wrong in the file: "items[3].album"; empty for the file as a whole
     */
    private function __construct(public readonly string $where, string $message)
    {
        parent::__construct($message);
    }

    public static function at(string $where, string $why): self
    {
        return new self($where, ($where === '' ? '' : Foreign::word($where).': ').$why);
    }

    public static function notOurs(mixed $format): self
    {
        return new self('format', 'format: this is no gallery of this program; got '.Foreign::shown($format).'.');
    }

    public static function newer(int $version, int $known): self
    {
        return new self('version', "version: the file is of version {$version}, and this installation reads up to {$known}. Bring this installation up to date, or write the file with an older one.");
    }

    public static function tooMany(string $where, int $count, int $most): self
    {
        return new self($where, "{$where}: at most {$most} are taken, got {$count}.");
    }
}
