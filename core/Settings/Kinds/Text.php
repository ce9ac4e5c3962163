<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings\Kinds;

use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** A word or a few of a given form; empty says nothing. */
final readonly class Text implements Kind
{
    /**
     * @param  string  $pattern  of one that is not empty, as regular expressions of PHP and ECMAScript both have it, with ends
     * @param  string  $allowed  the same for people: "letters, digits and hyphens"
     * @param  positive-int  $longest  characters
     * @param  bool  $isShown  whether it has a control of its own
     */
    public function __construct(private string $pattern, private string $allowed, private int $longest, private bool $isShown = true)
    {
    }

    public function read(string $field, mixed $given): string
    {
        if (! is_string($given) || strlen($given) > $this->longest || ($given !== '' && preg_match("/{$this->pattern}/D", $given) !== 1)) {
            throw SettingException::notOfForm($field, $given, $this->allowed, $this->longest);
        }

        return $given;
    }

    public function write(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function says(string|int|float|bool|null $written): string
    {
        return $written === '' || $written === null ? 'none' : (string) $written;
    }

    public function schema(): Schema
    {
        return Schema::text('^$|'.$this->pattern);
    }

    public function control(): Control
    {
        return Control::text($this->longest, $this->allowed, $this->isShown);
    }
}
