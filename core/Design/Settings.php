<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use BackedEnum;

/**
 * Reads one group of settings from outside: every key known, every value of its kind and in
 * its range, else a DesignException that names the field.
 *
 * @internal
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
     * @throws DesignException when it is not a group, or has a key that is not known
     */
    public static function read(string $name, mixed $values, array $known): self
    {
        if (! is_array($values)) {
            throw DesignException::notAGroup($name, $values);
        }
        foreach (array_keys($values) as $key) {
            if (! in_array($key, $known, true)) {
                throw DesignException::unknownKey($name, (string) $key, $known);
            }
        }

        return new self($name, $values);
    }

    /**
     * @throws DesignException when the value is not a whole number in the range
     */
    public function int(string $key, int $default, int $least, int $most, string $unit = ''): int
    {
        $value = array_key_exists($key, $this->values) ? $this->values[$key] : $default;
        if (! is_int($value) || $value < $least || $value > $most) {
            throw DesignException::outOfRange("{$this->name}.{$key}", $value, $least, $most, $unit);
        }

        return $value;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  T  $default
     * @return T
     *
     * @throws DesignException when the value is not one of the enum's
     */
    public function choice(string $key, BackedEnum $default): BackedEnum
    {
        if (! array_key_exists($key, $this->values)) {
            return $default;
        }
        $value = $this->values[$key];
        foreach ($default::cases() as $case) {
            if ($case->value === $value) {
                return $case;
            }
        }
        throw DesignException::notAmong("{$this->name}.{$key}", $value, self::valuesOf($default));
    }

    /** The value as it came, null when there is none. */
    public function raw(string $key): mixed
    {
        return $this->values[$key] ?? null;
    }

    /**
     * @return list<string>
     */
    private static function valuesOf(BackedEnum $enum): array
    {
        return array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases());
    }
}
