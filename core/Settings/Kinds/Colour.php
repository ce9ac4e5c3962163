<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings\Kinds;

use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** A colour of sRGB, written as CSS has it: # and six hexadecimal digits, in small letters. */
final readonly class Colour implements Kind
{
    private const PATTERN = '^#[0-9a-f]{6}$';

    /**
     * @param  string  $first  what is proposed to one who would give one
     */
    public function __construct(private string $first = '#222c32')
    {
    }

    public function read(string $field, mixed $given): string
    {
        $written = is_string($given) ? strtolower($given) : '';

        return preg_match('/'.self::PATTERN.'/D', $written) === 1 ? $written : throw SettingException::notAColour($field, $given);
    }

    public function write(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function says(string|int|float|bool|null $written): string
    {
        return (string) $written;
    }

    public function schema(): Schema
    {
        return Schema::text(self::PATTERN);
    }

    public function control(): Control
    {
        return Control::colour($this->first);
    }
}
