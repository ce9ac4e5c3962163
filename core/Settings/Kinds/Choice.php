<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings\Kinds;

use BackedEnum;
use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Labelled;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** One of the cases of an enum. */
final readonly class Choice implements Kind
{
    /**
     * @param  class-string<BackedEnum&Labelled>  $enum
     */
    public function __construct(private string $enum)
    {
    }

    public function read(string $field, mixed $given): BackedEnum
    {
        foreach ($this->enum::cases() as $case) {
            if ($case->value === $given) {
                return $case;
            }
        }
        throw SettingException::notAmong($field, $given, array_map(strval(...), $this->values()));
    }

    public function write(mixed $value): string|int
    {
        return $value instanceof BackedEnum ? $value->value : '';
    }

    public function says(string|int|float|bool|null $written): string
    {
        foreach ($this->enum::cases() as $case) {
            if ($case->value === $written) {
                return lcfirst($case->label());
            }
        }

        return (string) $written;
    }

    public function schema(): Schema
    {
        return Schema::among($this->values());
    }

    public function control(): Control
    {
        $options = [];
        foreach ($this->enum::cases() as $case) {
            $options[] = ['value' => (string) $case->value, 'label' => $case->label()];
        }

        return Control::choice($options === [] ? [['value' => '', 'label' => '']] : $options);
    }

    /**
     * @return non-empty-list<string|int>
     */
    private function values(): array
    {
        $values = array_map(static fn (BackedEnum $case): string|int => $case->value, $this->enum::cases());

        return $values === [] ? [''] : $values;
    }
}
