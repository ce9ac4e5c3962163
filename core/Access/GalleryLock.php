<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

/** How a gallery is locked: what may be its password, and for how long it opens. */
final class GalleryLock
{
    /** Characters. It is told to many people, and tries are held up: shorter than a password of one's own. */
    public const SHORTEST = 8;

    public const LONGEST = 200;

    /** Hours that it stays open for who knows it. */
    public const HOURS = 24;

    public const MOST_HOURS = 24 * 90;

    private const DIFFERENT = 4;

    /**
     * @param  mixed  $password  from outside
     *
     * @throws AccessException when it is too short, or one pattern
     */
    public static function password(mixed $password): string
    {
        $length = is_string($password) ? mb_strlen($password) : 0;
        if (! is_string($password) || $length < self::SHORTEST) {
            throw AccessException::weakLock("The password has {$length} characters; it needs at least ".self::SHORTEST.'. Two words with something between them are easy to tell somebody.');
        }
        if ($length > self::LONGEST) {
            throw AccessException::weakLock("The password has {$length} characters; at most ".self::LONGEST.' are taken.');
        }

        return count(array_unique(mb_str_split($password))) < self::DIFFERENT
            ? throw AccessException::weakLock('The password is one pattern, which is tried first. Take two words.')
            : $password;
    }

    /**
     * @param  mixed  $hours  from outside
     *
     * @throws AccessException when it is none
     */
    public static function hours(mixed $hours): int
    {
        return is_int($hours) && $hours >= 1 && $hours <= self::MOST_HOURS ? $hours : throw AccessException::badHours($hours, 1, self::MOST_HOURS);
    }
}
