<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** HTML with a few marks: strong, emphasis, links, and what else is allowed. Of wrappings the words stay; all else goes. */
final class CleanHtml
{
    /** What a word processor or another page wraps words in. */
    private const WRAPPINGS = ['div', 'span', 'p', 'font', 'section', 'article', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'ul', 'ol', 'li', 'table', 'tbody', 'tr', 'td', 'th', 'u', 'small', 'big', 'center', 'blockquote', 'pre', 'code'];

    /**
     * @param  list<string>  $allowed  elements besides strong, em, b, i and a
     * @param  int  $longest  characters that are looked at
     * @param  ?string  $rel  of every link
     */
    public static function of(string $html, array $allowed, int $longest, ?string $rel = null): string
    {
        $config = (new HtmlSanitizerConfig)
            ->allowElement('strong')->allowElement('em')->allowElement('b')->allowElement('i')->allowElement('a', ['href'])
            ->allowLinkSchemes(['https', 'http', 'mailto'])->allowRelativeLinks()
            ->withMaxInputLength($longest);
        $config = $rel === null ? $config : $config->forceAttribute('a', 'rel', $rel);
        foreach ($allowed as $element) {
            $config = $config->allowElement($element);
        }
        foreach (array_diff(self::WRAPPINGS, $allowed) as $element) {
            $config = $config->blockElement($element);
        }

        return trim((new HtmlSanitizer($config))->sanitize($html));
    }
}
