<?php

declare(strict_types=1);

namespace App\Exchange\Readers;

use App\BroughtIn\PageFile;
use App\Exchange\Draft;
use App\Exchange\Names;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Masterminds\HTML5;

/** A page with thumbnails that lead to pictures, or with the pictures themselves. */
final class HtmlIndex implements Reader
{
    /** What an address of a picture ends with. */
    private const PICTURE = '~'.Reader::ENDING.'(?:[?#]|$)~i';

    /** px below which a picture that leads nowhere is an ornament. */
    private const ORNAMENT = 48;

    public function mayRead(string $name): bool
    {
        return in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), ['html', 'htm', 'xhtml'], true);
    }

    public function read(string $text, string $folder, Names $names): ?Draft
    {
        $charset = PageFile::charsetOf($text) ?? (mb_check_encoding($text, 'UTF-8') ? 'UTF-8' : 'Windows-1252');
        $known = in_array(strtolower($charset), array_map(strtolower(...), mb_list_encodings()), true) ? $charset : 'UTF-8';
        $document = (new HTML5(['disable_html_ns' => true]))->loadHTML(mb_scrub((string) mb_convert_encoding($text, 'UTF-8', $known), 'UTF-8'));
        $path = new DOMXPath($document);
        $found = new Found($names, $folder);
        foreach ($path->query('//a[@href]|//img[@src][not(ancestor::a)]|//img[@src][ancestor::a]') ?: [] as $node) {
            if ($node instanceof DOMElement) {
                self::node($node, $found);
            }
        }

        return $found->isEmpty() ? null : $found->draft('a page', self::text($document, 'h1') !== '' ? self::text($document, 'h1') : self::text($document, 'title'), self::described($path));
    }

    private static function node(DOMElement $node, Found $found): void
    {
        if ($node->tagName === 'a') {
            $image = $node->getElementsByTagName('img')->item(0);
            if (preg_match(self::PICTURE, $node->getAttribute('href')) === 1) {
                $found->add($node->getAttribute('href'), self::words($image, $node));
            }

            return;
        }
        $link = $node->parentNode;
        while ($link instanceof DOMElement && $link->tagName !== 'a') {
            $link = $link->parentNode;
        }
        // The thumbnail of what was found already.
        if ($link instanceof DOMElement && preg_match(self::PICTURE, $link->getAttribute('href')) === 1) {
            return;
        }
        $width = (int) $node->getAttribute('width');
        if ($width === 0 || $width >= self::ORNAMENT) {
            $found->add($node->getAttribute('src'), self::words($node, $link instanceof DOMElement ? $link : null));
        }
    }

    /**
     * @return array<string, string>
     */
    private static function words(?DOMElement $image, ?DOMElement $link): array
    {
        $place = $link ?? $image;
        $own = trim($image?->getAttribute('title') ?? '');
        $title = $own !== '' ? $own : $link?->getAttribute('title');
        $said = self::caption($place);
        $inLink = $image === null ? trim($link->textContent ?? '') : '';

        return ['alt' => $image?->getAttribute('alt') ?? '', 'title' => $title !== '' && $title !== null ? $title : $inLink, 'caption' => $said, 'link' => $link !== null && preg_match(self::PICTURE, $link->getAttribute('href')) !== 1 ? $link->getAttribute('href') : ''];
    }

    /** Of the figure around it, else what follows it in its own cell, entry or paragraph. */
    private static function caption(?DOMElement $place): string
    {
        for ($around = $place?->parentNode; $around instanceof DOMElement; $around = $around->parentNode) {
            if ($around->tagName === 'figure') {
                return trim($around->getElementsByTagName('figcaption')->item(0)->textContent ?? '');
            }
            if (in_array($around->tagName, ['td', 'li', 'div', 'p', 'dt'], true)) {
                return $around->getElementsByTagName('img')->length <= 1 && $around->getElementsByTagName('a')->length <= 1 ? trim($around->textContent) : '';
            }
        }

        return '';
    }

    private static function text(DOMDocument $document, string $name): string
    {
        return trim($document->getElementsByTagName($name)->item(0)->textContent ?? '');
    }

    private static function described(DOMXPath $path): string
    {
        $said = $path->evaluate('string(//meta[@name="description"]/@content)');

        return is_string($said) ? trim($said) : '';
    }
}
