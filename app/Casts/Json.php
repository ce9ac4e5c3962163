<?php

declare(strict_types=1);

namespace App\Casts;

/** JSON as it lies in the database. */
final class Json
{
    /**
     * @return array<string, mixed>
     */
    public static function read(mixed $column): array
    {
        $read = json_decode(is_string($column) ? $column : '', true);

        /** @var array<string, mixed> */
        return is_array($read) ? $read : [];
    }

    /**
     * @param  array<array-key, mixed>  $value
     */
    public static function write(array $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
