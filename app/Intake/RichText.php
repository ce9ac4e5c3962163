<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Text with a few marks: paragraphs, line breaks, strong, emphasis, links. All else is dropped, words stay. */
final class RichText
{
    /** Greatest number of characters that are looked at. */
    public const LONGEST = 20000;

    /** What a word processor or another page wraps words in; the words stay, the wrapping goes. */
    private const WRAPPINGS = ['div', 'span', 'font', 'section', 'article', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'ul', 'ol', 'li', 'table', 'tbody', 'tr', 'td', 'th', 'u', 'small', 'big', 'center'];

    public static function cleaned(string $text): string
    {
        $html = preg_match('/<[a-z!\/]/i', $text) === 1 ? $text : self::paragraphs($text);
        $config = (new HtmlSanitizerConfig)
            ->allowElement('p')->allowElement('br')->allowElement('strong')->allowElement('em')
            ->allowElement('b')->allowElement('i')->allowElement('a', ['href'])
            ->allowLinkSchemes(['https', 'http', 'mailto'])->allowRelativeLinks()
            ->forceAttribute('a', 'rel', 'noopener')
            ->withMaxInputLength(self::LONGEST);
        foreach (self::WRAPPINGS as $element) {
            $config = $config->blockElement($element);
        }

        return trim((new HtmlSanitizer($config))->sanitize($html));
    }

    private static function paragraphs(string $text): string
    {
        $escaped = htmlspecialchars(str_replace("\r\n", "\n", $text), ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');

        return '<p>'.str_replace("\n", '<br>', implode('</p><p>', preg_split('/\n{2,}/', trim($escaped)) ?: [])).'</p>';
    }
}
