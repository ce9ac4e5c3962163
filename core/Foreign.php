<?php

declare(strict_types=1);

namespace ZincPane\Core;

/** Text from outside, made short and safe to repeat in a message. */
final class Foreign
{
    private const LONGEST = 60;

    /** A value as a message may quote it: text in quotes, numbers bare, the rest by its type. */
    public static function shown(mixed $value): string
    {
        return match (true) {
            is_string($value) => '"'.self::word($value).'"',
            is_int($value), is_float($value) => (string) $value,
            is_bool($value) => $value ? 'true' : 'false',
            $value === null => 'nothing',
            default => get_debug_type($value),
        };
    }

    /**
     * Text without control characters, and not longer than it may be.
     *
     * @param  int  $longest  characters
     */
    public static function word(string $text, int $longest = self::LONGEST): string
    {
        $clean = preg_replace('/[\p{C}]+/u', ' ', mb_scrub($text, 'UTF-8')) ?? '';

        return mb_strlen($clean) > $longest ? mb_substr($clean, 0, $longest - 1).'…' : $clean;
    }
}
