<?php

declare(strict_types=1);

namespace App\Intake;

/** Text with a few marks: paragraphs, line breaks, strong, emphasis, links. All else is dropped, words stay. */
final class RichText
{
    /** Greatest number of characters that are looked at. */
    public const LONGEST = 20000;

    public static function cleaned(string $text): string
    {
        $html = preg_match('/<[a-z!\/]/i', $text) === 1 ? $text : self::paragraphs($text);

        return CleanHtml::of($html, ['p', 'br'], self::LONGEST, 'noopener');
    }

    private static function paragraphs(string $text): string
    {
        $escaped = htmlspecialchars(str_replace("\r\n", "\n", $text), ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');

        return '<p>'.str_replace("\n", '<br>', implode('</p><p>', preg_split('/\n{2,}/', trim($escaped)) ?: [])).'</p>';
    }
}
