<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings\Kinds;

use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** A picture of the store, by its identifier; empty for none. */
final readonly class PictureOfStore implements Kind
{
    /** A ULID, in small letters. (https://github.com/ulid/spec) */
    private const PATTERN = '^[0-9a-hjkmnp-tv-z]{26}$';

    public function read(string $field, mixed $given): string
    {
        return $given === '' || (is_string($given) && preg_match('/'.self::PATTERN.'/D', $given) === 1) ? $given : throw SettingException::notAPicture($field, $given);
    }

    public function write(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function says(string|int|float|bool|null $written): string
    {
        return $written === '' || $written === null ? 'none' : 'a picture';
    }

    public function schema(): Schema
    {
        return Schema::text('^$|'.self::PATTERN);
    }

    public function control(): Control
    {
        return Control::picture();
    }
}
