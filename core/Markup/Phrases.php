<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

/** What the markup itself says to visitors, in one place. */
final class Phrases
{
    public const ALBUMS = 'Albums';

    public const PAGES = 'Pages';

    /** Of what is in none of the albums. */
    public const MORE = 'More';

    public const SHOW_FEWER = 'Show fewer';

    public static function showAll(int $count): string
    {
        return "Show all {$count}";
    }

    public static function page(string $name, int $page): string
    {
        return "{$name}, page {$page}";
    }

    public static function readText(string $title): string
    {
        return $title === '' ? 'Read it whole' : "Read “{$title}”";
    }

    /**
     * @param  int  $number  from 1
     */
    public static function picture(int $number, int $count): string
    {
        return "Picture {$number} of {$count}";
    }

    /**
     * @param  int  $number  from 1
     */
    public static function video(string $said, int $number, int $count): string
    {
        return 'Video: '.($said === '' ? "{$number} of {$count}" : $said);
    }
}
