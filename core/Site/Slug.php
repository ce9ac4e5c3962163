<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use Normalizer;

/** Words as they stand in an address: "From the workshop" is "from-the-workshop". */
final class Slug
{
    /** Letters that fall apart into others. */
    private const APART = ['ß' => 'ss', 'æ' => 'ae', 'œ' => 'oe', 'ø' => 'o', 'đ' => 'd', 'ð' => 'd', 'þ' => 'th', 'ł' => 'l', 'ı' => 'i'];

    /**
     * @param  int  $longest  characters at most
     * @return string small letters, digits and hyphens; empty where nothing of it can be written so
     */
    public static function of(string $words, int $longest): string
    {
        $lower = strtr(mb_strtolower(mb_scrub($words, 'UTF-8')), self::APART);
        $decomposed = Normalizer::normalize($lower, Normalizer::FORM_D);
        $plain = (string) preg_replace('/\p{Mn}+/u', '', is_string($decomposed) ? $decomposed : $lower);
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', $plain), '-');

        return rtrim(substr($slug, 0, $longest), '-');
    }
}
