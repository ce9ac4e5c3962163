<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings\Kinds;

use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** A line in a person's own words, in any language; empty says nothing. */
final readonly class Line implements Kind
{
    private const ALLOWED = 'one line of your own, or nothing for the usual words';

    /**
     * @param  positive-int  $longest  characters
     */
    public function __construct(private int $longest)
    {
    }

    public function read(string $field, mixed $given): string
    {
        if (! is_string($given) || mb_strlen($given) > $this->longest || preg_match('/^[^\x00-\x1f\x7f]*$/Du', $given) !== 1) {
            throw SettingException::notOfForm($field, $given, self::ALLOWED, $this->longest);
        }

        return $given;
    }

    public function write(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function says(string|int|float|bool|null $written): string
    {
        return $written === '' || $written === null ? 'the usual words' : "“{$written}”";
    }

    public function schema(): Schema
    {
        return Schema::text('^[^\x00-\x1f\x7f]{0,'.$this->longest.'}$');
    }

    public function control(): Control
    {
        return Control::text($this->longest, self::ALLOWED, true);
    }
}
