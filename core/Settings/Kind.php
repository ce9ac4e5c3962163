<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

/** What values a setting takes, and how they are written, said and chosen. */
interface Kind
{
    /**
     * The value as a design holds it.
     *
     * @param  string  $field  path of the setting, for the refusal
     * @param  mixed  $given  from outside
     *
     * @throws SettingException when it is not of the kind or out of its range
     */
    public function read(string $field, mixed $given): mixed;

    /** The value as it is stored and sent; read() takes it back. */
    public function write(mixed $value): string|int|float|bool|null;

    /**
     * In words, with its unit: "8 px".
     *
     * @param  string|int|float|bool|null  $written  as write() gave it
     */
    public function says(string|int|float|bool|null $written): string;

    /** Of what is written, as JSON Schema has it (https://json-schema.org/draft/2020-12). */
    public function schema(): Schema;

    /** By what it is chosen. */
    public function control(): Control;
}
