<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings\Kinds;

use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;

/** What another kind takes, or nothing: then the core finds what is good. */
final readonly class ByItself implements Kind
{
    public function __construct(public Kind $kind)
    {
    }

    public function read(string $field, mixed $given): mixed
    {
        return $given === null ? null : $this->kind->read($field, $given);
    }

    public function write(mixed $value): string|int|float|bool|null
    {
        return $value === null ? null : $this->kind->write($value);
    }

    public function says(string|int|float|bool|null $written): string
    {
        return $written === null ? 'by itself' : $this->kind->says($written);
    }

    public function schema(): Schema
    {
        return $this->kind->schema()->orNull();
    }

    public function control(): Control
    {
        return $this->kind->control()->orLeft();
    }
}
