<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

use BackedEnum;

/**
 * Reads one group of settings from outside: every key known, every value of its kind and in
 * its range, else a SettingException that names the field.
 */
final readonly class Settings
{
    /**
     * @param  array<array-key, mixed>  $values
     */
    private function __construct(private string $name, private array $values)
    {
    }

    /**
     * @param  list<string>  $known
     *
     * @throws SettingException when it is not a group, or has a key that is not known
     */
    public static function read(string $name, mixed $values, array $known): self
    {
        if (! is_array($values)) {
            throw SettingException::notAGroup($name, $values);
        }
        foreach (array_keys($values) as $key) {
            if (! in_array($key, $known, true)) {
                throw SettingException::unknownKey($name, (string) $key, $known);
            }
        }

        return new self($name, $values);
    }

    /**
     * @throws SettingException when the value is not a whole number in the range
     */
    public function int(string $key, int $default, int $least, int $most, string $unit = ''): int
    {
        $value = array_key_exists($key, $this->values) ? $this->values[$key] : $default;
        if (! is_int($value) || $value < $least || $value > $most) {
            throw SettingException::outOfRange("{$this->name}.{$key}", $value, $least, $most, $unit);
        }

        return $value;
    }

    /**
     * A number with or without a fraction.
     *
     * @throws SettingException when the value is not a number in the range
     */
    public function number(string $key, float $default, float $least, float $most, string $unit = ''): float
    {
        $value = array_key_exists($key, $this->values) ? $this->values[$key] : $default;
        if (! (is_int($value) || is_float($value)) || ! ($value >= $least && $value <= $most)) {
            throw SettingException::notInRange("{$this->name}.{$key}", $value, $least, $most, $unit);
        }

        return (float) $value;
    }

    /**
     * @throws SettingException when the value is not text, or longer than so many characters
     */
    public function text(string $key, string $default, int $longest): string
    {
        $value = array_key_exists($key, $this->values) ? $this->values[$key] : $default;
        if (! is_string($value) || mb_strlen($value) > $longest) {
            throw SettingException::notText("{$this->name}.{$key}", $value, $longest);
        }

        return $value;
    }

    /**
     * @throws SettingException when the value is neither true nor false
     */
    public function flag(string $key, bool $default): bool
    {
        $value = array_key_exists($key, $this->values) ? $this->values[$key] : $default;

        return is_bool($value) ? $value : throw SettingException::notAFlag("{$this->name}.{$key}", $value);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T  $default
     * @return T
     *
     * @throws SettingException when the value is not one of the enum's
     */
    public function choice(string $key, string $enum, BackedEnum $default): BackedEnum
    {
        if (! array_key_exists($key, $this->values)) {
            return $default;
        }
        $value = $this->values[$key];
        foreach ($enum::cases() as $case) {
            if ($case->value === $value) {
                return $case;
            }
        }
        throw SettingException::notAmong("{$this->name}.{$key}", $value, array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    /** The value as it came, the default when there is none. */
    public function raw(string $key, mixed $default = null): mixed
    {
        return array_key_exists($key, $this->values) ? $this->values[$key] : $default;
    }
}
