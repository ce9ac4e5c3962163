<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** Addresses of pages: what stands behind the first slash. */
final class PageAddress
{
    /** Of the page at the root of the site. */
    public const HOME = 'home';

    /** Greatest number of characters. */
    public const LONGEST = 80;

    /** What the server itself answers under. */
    private const RESERVED = ['studio', 'media', 'assets', 'embed', 'pictures', 'build', 'fonts', 'comments', 'look', 'missing', 'storage', 'api', 'robots', 'favicon', 'viewer', 'arrival', 'index', 'oembed', 'feed', 'sitemap', 'iiif', 'unlock', 'guarded'];

    /** Folders that one may stand in. */
    private const DEEPEST = 4;

    /**
     * @param  mixed  $given  from outside
     * @param  array<string, string>  $taken  titles of the other pages, by address
     *
     * @throws SiteException when it is none, is needed otherwise, or another page has it
     */
    public static function checked(mixed $given, array $taken): string
    {
        $form = '[a-z0-9]+(?:-+[a-z0-9]+)*';
        if (! is_string($given) || strlen($given) > self::LONGEST || preg_match("~^{$form}(?:/{$form}){0,".(self::DEEPEST - 1).'}$~D', $given) !== 1) {
            throw SiteException::notAnAddress($given, self::LONGEST);
        }
        self::refuseReserved($given);
        if (isset($taken[$given])) {
            throw SiteException::takenAddress($given, $taken[$given]);
        }

        return $given;
    }

    /**
     * @throws SiteException when the server itself answers there
     */
    public static function refuseReserved(string $address): void
    {
        $first = preg_replace('/[.\/].*$/s', '', strtolower($address));
        if (in_array($first, self::RESERVED, true)) {
            throw SiteException::reservedAddress($address);
        }
    }

    /**
     * One made of a title, that no other page has.
     *
     * @param  array<string, string>  $taken  titles of the other pages, by address
     */
    public static function of(string $title, array $taken): string
    {
        $base = Slug::of($title, self::LONGEST - 4);
        $base = $base === '' || $base === self::HOME || in_array($base, self::RESERVED, true) ? trim("page-{$base}", '-') : $base;
        for ($number = 1; ; $number++) {
            $address = $number === 1 ? $base : "{$base}-{$number}";
            if (! isset($taken[$address])) {
                return $address;
            }
        }
    }
}
