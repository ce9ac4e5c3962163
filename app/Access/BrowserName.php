<?php

declare(strict_types=1);

namespace App\Access;

/** What people call a browser that calls itself by a long line. */
final class BrowserName
{
    /** In the order in which they are looked for: many call themselves by several names. */
    private const BROWSERS = ['Edg' => 'Edge', 'OPR' => 'Opera', 'Firefox' => 'Firefox', 'Chromium' => 'Chromium', 'HeadlessChrome' => 'Chrome', 'Chrome' => 'Chrome', 'Safari' => 'Safari', 'curl' => 'curl'];

    private const SYSTEMS = ['Android' => 'Android', 'iPhone' => 'iPhone', 'iPad' => 'iPad', 'Windows' => 'Windows', 'Mac OS X' => 'Mac', 'CrOS' => 'ChromeOS', 'Linux' => 'Linux'];

    public static function of(string $line): string
    {
        $browser = self::first(self::BROWSERS, $line) ?? 'A browser';
        $system = self::first(self::SYSTEMS, $line);

        return $system === null ? $browser : "{$browser} on {$system}";
    }

    /**
     * @param  array<string, string>  $names  by what stands in the line
     */
    private static function first(array $names, string $line): ?string
    {
        foreach ($names as $sign => $name) {
            if (str_contains($line, $sign)) {
                return $name;
            }
        }

        return null;
    }
}
