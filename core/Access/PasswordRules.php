<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

/** Which passwords are good enough: long ones that nobody would try first. No kinds of signs are asked for (NIST SP 800-63B, 5.1.1.2). */
final class PasswordRules
{
    /** Characters. */
    public const SHORTEST = 12;

    public const LONGEST = 200;

    private const DIFFERENT = 5;

    /** Letters that a word of its surroundings must have to count. */
    private const WORD = 4;

    /** What lists of stolen passwords begin with, without what people hang on to them. */
    private const COMMON = [
        'password', 'passwort', 'motdepasse', 'contrasena', 'qwertyuiop', 'qwertzuiop', 'azertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwerty', 'qwertz', 'azerty', 'letmein', 'welcome', 'iloveyou',
        'administrator', 'changeme', 'trustno', 'sunshine', 'princess', 'football', 'baseball', 'superman', 'dragon', 'monkey', 'master', 'shadow', 'michael', 'jennifer', 'abcdefgh', 'abc', 'secret', 'login', 'admin', 'test', 'hello',
    ];

    /**
     * @param  list<string>  $around  words that others know of the person or the site: address, name
     * @return ?string why it is not taken, and what to do; null when it is
     */
    public static function refusal(string $password, array $around = []): ?string
    {
        $length = mb_strlen($password);

        return match (true) {
            $length < self::SHORTEST => 'The password has '.$length.' characters; it needs at least '.self::SHORTEST.'. Some words in a row are easy to keep in mind.',
            $length > self::LONGEST => 'The password has '.$length.' characters; at most '.self::LONGEST.' are taken.',
            count(array_unique(mb_str_split($password))) < self::DIFFERENT, self::isRow($password) => 'The password is one pattern, which is tried first. Take some words in a row.',
            self::isCommon($password) => 'The password is one of those that are tried first. Take some words in a row.',
            self::isAround($password, $around) => 'The password is made of the name or the address. Take something that nobody can know.',
            default => null,
        };
    }

    /** "123456789012", "abcdefghijkl": every sign is next to the one before, or the same. */
    private static function isRow(string $password): bool
    {
        $bytes = array_map(ord(...), str_split(strtolower($password)));
        $steps = 0;
        for ($i = 1; $i < count($bytes); $i++) {
            $steps += abs($bytes[$i] - $bytes[$i - 1]) <= 1 || ($bytes[$i - 1] === ord('9') && $bytes[$i] === ord('0')) ? 1 : 0;
        }

        return $steps >= count($bytes) - 2;
    }

    /** Letters alone, said once, and the usual numbers for letters undone. */
    private static function core(string $password): string
    {
        $letters = (string) preg_replace('/[^a-z]/', '', strtr(mb_strtolower($password), ['0' => 'o', '1' => 'i', '3' => 'e', '4' => 'a', '5' => 's', '7' => 't', '@' => 'a', '$' => 's', 'ñ' => 'n']));

        return (string) preg_replace('/^(.{3,}?)\1+$/', '$1', $letters);
    }

    private static function isCommon(string $password): bool
    {
        $plain = (string) preg_replace('/[^a-z]/', '', mb_strtolower($password));

        return in_array(self::core($password), self::COMMON, true) || in_array($plain, self::COMMON, true);
    }

    /**
     * @param  list<string>  $around
     */
    private static function isAround(string $password, array $around): bool
    {
        $rest = mb_strtolower($password);
        foreach ($around as $words) {
            foreach (preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($words)) ?: [] as $word) {
                $rest = mb_strlen($word) < self::WORD ? $rest : str_replace($word, '', $rest);
            }
        }

        // What is left of it would be no password by itself.
        return $rest !== mb_strtolower($password) && mb_strlen((string) preg_replace('/[^\p{L}\p{N}]+/u', '', $rest)) < intdiv(self::SHORTEST, 2);
    }
}
