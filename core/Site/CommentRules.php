<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** What a comment of a visitor may be; it is shown once somebody of the studio has looked at it. */
final class CommentRules
{
    /** Greatest number of characters of the name and of the text. */
    public const LONGEST_NAME = 60;

    public const LONGEST_TEXT = 2000;

    /** What looks like an address to go to. */
    private const LINK = '~(?:https?|ftp)://|\bwww\.|\[url|<a\s|\b[a-z0-9-]+\.(?:com|net|org|info|biz|ru|cn|xyz|top|shop|online)\b~iu';

    /**
     * @return array<string, string> what is wrong, by field: "name", "text"; none where it can be taken
     */
    public static function refusals(string $name, string $text): array
    {
        $refusals = [];
        foreach (['name' => [trim($name), self::LONGEST_NAME], 'text' => [trim($text), self::LONGEST_TEXT]] as $field => [$words, $longest]) {
            $length = mb_strlen($words);
            if ($length === 0) {
                $refusals[$field] = 'comment_empty';
            } elseif ($length > $longest) {
                $refusals[$field] = 'comment_long';
            } elseif (preg_match(self::LINK, $words) !== 0) {
                $refusals[$field] = 'comment_link';
            }
        }

        return $refusals;
    }

    /** Without what no reader sees: control characters, and more than two line breaks in a row. */
    public static function cleaned(string $words, bool $hasLines): string
    {
        $words = (string) preg_replace('/\r\n?|\x{2028}|\x{2029}/u', "\n", mb_scrub($words, 'UTF-8'));
        $words = (string) preg_replace($hasLines ? '/[^\P{C}\n]+/u' : '/\p{C}+/u', ' ', $words);

        return trim((string) preg_replace('/\n{3,}/', "\n\n", $words));
    }
}
