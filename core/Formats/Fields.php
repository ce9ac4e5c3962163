<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Foreign;

/** An object in a file from outside, whose values are asked for by kind; it knows where it stands. */
final readonly class Fields
{
    /** Characters of a text that has no limit of its own. */
    private const LONGEST = 20_000;

    /**
     * @param  array<array-key, mixed>  $values
     */
    private function __construct(public string $where, public array $values)
    {
    }

    /**
     * @throws FormatException when it is no object
     */
    public static function of(string $where, mixed $value): self
    {
        return is_array($value) ? new self($where, $value) : throw FormatException::at($where, 'an object is expected; got '.Foreign::shown($value).'.');
    }

    public function raw(string $key): mixed
    {
        return $this->values[$key] ?? null;
    }

    public function at(string $key): string
    {
        return $this->where === '' ? $key : "{$this->where}.{$key}";
    }

    /**
     * @throws FormatException when it is none
     */
    public function text(string $key, int $longest = self::LONGEST): string
    {
        $value = $this->raw($key);
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8') || mb_strlen($value) > $longest) {
            throw FormatException::at($this->at($key), "a text of at most {$longest} characters is expected; got ".Foreign::shown($value).'.');
        }

        return $value;
    }

    /**
     * @throws FormatException when it is none
     */
    public function whole(string $key, int $least, int $most): int
    {
        $value = $this->raw($key);

        return is_int($value) && $value >= $least && $value <= $most ? $value : throw FormatException::at($this->at($key), "a whole number from {$least} to {$most} is expected; got ".Foreign::shown($value).'.');
    }

    /**
     * @throws FormatException when it is none
     */
    public function share(string $key): float
    {
        $value = $this->raw($key);

        return (is_int($value) || is_float($value)) && $value >= 0 && $value <= 1 ? (float) $value : throw FormatException::at($this->at($key), 'a number from 0 to 1 is expected; got '.Foreign::shown($value).'.');
    }

    /**
     * @throws FormatException when it is none
     */
    public function flag(string $key): bool
    {
        $value = $this->raw($key);

        return is_bool($value) ? $value : throw FormatException::at($this->at($key), 'true or false is expected; got '.Foreign::shown($value).'.');
    }

    /**
     * @return list<self>
     *
     * @throws FormatException when it is no list of objects, or too long
     */
    public function list(string $key, int $most): array
    {
        $value = $this->raw($key);
        if (! is_array($value) || ! array_is_list($value)) {
            throw FormatException::at($this->at($key), 'a list is expected; got '.Foreign::shown($value).'.');
        }
        if (count($value) > $most) {
            throw FormatException::tooMany($this->at($key), count($value), $most);
        }
        $list = [];
        foreach ($value as $place => $one) {
            $list[] = self::of($this->at("{$key}[{$place}]"), $one);
        }

        return $list;
    }

    /**
     * @param  list<string>  $keys
     *
     * @throws FormatException when there is another
     */
    public function onlyKnows(array $keys): void
    {
        foreach (array_keys($this->values) as $key) {
            if (! in_array($key, $keys, true)) {
                throw FormatException::at($this->at((string) $key), 'there is no such field; there are '.implode(', ', $keys).'.');
            }
        }
    }
}
