<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings\Kinds;

use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** Yes or no. */
final readonly class Flag implements Kind
{
    public function read(string $field, mixed $given): bool
    {
        return is_bool($given) ? $given : throw SettingException::notAFlag($field, $given);
    }

    public function write(mixed $value): bool
    {
        return $value === true;
    }

    public function says(string|int|float|bool|null $written): string
    {
        return $written === true ? 'yes' : 'no';
    }

    public function schema(): Schema
    {
        return Schema::flag();
    }

    public function control(): Control
    {
        return Control::flag();
    }
}
