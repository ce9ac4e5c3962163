<?php

declare(strict_types=1);

namespace App\Exchange\Readers;

use App\Exchange\Draft;
use App\Exchange\Names;
use DOMDocument;
use DOMElement;
use DOMXPath;
use ZincPane\Core\Formats\FormatException;

/** A feed: Atom (RFC 4287), or RSS 2.0. */
final class FeedFile implements Reader
{
    public function mayRead(string $name): bool
    {
        return in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), ['xml', 'atom', 'rss'], true);
    }

    public function read(string $text, string $folder, Names $names): ?Draft
    {
        // Whoever defines words of his own in a feed means no good.
        if (preg_match('/<!(?:DOCTYPE|ENTITY)/i', $text) === 1) {
            throw FormatException::at('', 'defines a document type, which no feed does.');
        }
        $before = libxml_use_internal_errors(true);
        $document = new DOMDocument;
        $isRead = $document->loadXML($text, LIBXML_NONET);
        $error = libxml_get_last_error();
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $isRead) {
            throw FormatException::at($error === false ? '' : "line {$error->line}", 'is no XML that can be read: '.trim($error->message ?? '').'.');
        }
        $path = new DOMXPath($document);
        $entries = self::all($path, '//*[local-name()="entry" or local-name()="item"]');
        $found = new Found($names, $folder);
        foreach ($entries as $entry) {
            self::entry($path, $entry, $found);
        }

        return $found->isEmpty() ? null : $found->draft('a feed', self::said($path, '/*/*[local-name()="title"]|/*/*[local-name()="channel"]/*[local-name()="title"]'), self::said($path, '/*/*[local-name()="subtitle"]|/*/*[local-name()="channel"]/*[local-name()="description"]'));
    }

    private static function entry(DOMXPath $path, DOMElement $entry, Found $found): void
    {
        $html = self::said($path, './*[local-name()="content"]|./*[local-name()="encoded"]|./*[local-name()="description"]|./*[local-name()="summary"]', $entry);
        preg_match('~<img\b[^>]*?\bsrc\s*=\s*["\']([^"\']+)["\']~i', $html, $image);
        preg_match('~<img\b[^>]*?\balt\s*=\s*["\']([^"\']*)["\']~i', $html, $alt);
        $address = self::said($path, './*[local-name()="link" and @rel="enclosure"]/@href|./*[local-name()="enclosure"]/@url|./*[local-name()="content" and @url]/@url', $entry);
        $address = $address !== '' ? $address : html_entity_decode($image[1] ?? '', ENT_QUOTES | ENT_HTML5, 'UTF-8');
        $plain = static fn (string $one): string => html_entity_decode(strip_tags($one), ENT_QUOTES | ENT_HTML5, 'UTF-8');
        if ($address !== '') {
            $found->add($address, [
                'title' => $plain(self::said($path, './*[local-name()="title"]', $entry)), 'caption' => $plain(self::said($path, './*[local-name()="summary"]', $entry)),
                'alt' => html_entity_decode($alt[1] ?? '', ENT_QUOTES | ENT_HTML5, 'UTF-8'), 'credit' => $plain(self::said($path, './*[local-name()="author"]/*[local-name()="name"]|./*[local-name()="creator"]', $entry)),
            ]);
        }
    }

    private static function said(DOMXPath $path, string $query, ?DOMElement $in = null): string
    {
        $nodes = $path->query($query, $in);

        return $nodes === false || $nodes->length === 0 ? '' : trim((string) $nodes->item(0)?->nodeValue);
    }

    /**
     * @return list<DOMElement>
     */
    private static function all(DOMXPath $path, string $query): array
    {
        $nodes = $path->query($query);

        return $nodes === false ? [] : array_values(array_filter(iterator_to_array($nodes), static fn ($node): bool => $node instanceof DOMElement));
    }
}
