<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** By what a piece that was copied once is known again, and by what a page may allow a style. */
final class Stamp
{
    /** Hexadecimal digits. */
    private const LENGTH = 8;

    /** The same for the same piece. */
    public static function of(string $piece): string
    {
        return substr(hash('sha256', $piece), 0, self::LENGTH);
    }

    /** As policies name a style or script by what is in it (https://www.w3.org/TR/CSP3/#external-hash). */
    public static function csp(string $contents): string
    {
        return "'sha256-".base64_encode(hash('sha256', $contents, true))."'";
    }
}
