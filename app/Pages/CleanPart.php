<?php

declare(strict_types=1);

namespace App\Pages;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;

/** Lets through of a part's words what a page may hold: strong, emphasis, links, line breaks, and the entries of a list. */
final class CleanPart
{
    /** What words come wrapped in; the words stay, the wrapping goes. */
    private const WRAPPINGS = ['div', 'span', 'p', 'font', 'section', 'article', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'table', 'tbody', 'tr', 'td', 'th', 'u', 'small', 'blockquote', 'pre', 'code'];

    public static function html(PartKind $kind, string $html): string
    {
        return match ($kind) {
            PartKind::Kept, PartKind::Picture => '',
            PartKind::List => self::cleaned($html, ['ul', 'ol'], ['li']),
            PartKind::Heading => self::cleaned($html, ['ul', 'ol', 'li', 'br'], []),
            PartKind::Lead, PartKind::Paragraph => self::cleaned($html, ['ul', 'ol', 'li'], ['br']),
        };
    }

    /**
     * @param  list<string>  $dropped  wrappings besides
     * @param  list<string>  $allowed  elements besides
     */
    private static function cleaned(string $html, array $dropped, array $allowed): string
    {
        $config = (new HtmlSanitizerConfig)
            ->allowElement('strong')->allowElement('em')->allowElement('b')->allowElement('i')->allowElement('a', ['href'])
            ->allowLinkSchemes(['https', 'http', 'mailto'])->allowRelativeLinks()
            ->withMaxInputLength(2 * Part::LONGEST);
        foreach ($allowed as $element) {
            $config = $config->allowElement($element);
        }
        foreach ([...self::WRAPPINGS, ...$dropped] as $element) {
            $config = $config->blockElement($element);
        }

        return trim((new HtmlSanitizer($config))->sanitize($html));
    }
}
