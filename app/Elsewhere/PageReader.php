<?php

declare(strict_types=1);

namespace App\Elsewhere;

use DOMDocument;
use DOMElement;
use DOMNodeList;
use DOMXPath;
use Masterminds\HTML5;
use ZincPane\Core\Embeds\Found;
use ZincPane\Core\Embeds\FoundPart;
use ZincPane\Core\Embeds\HtmlCss;
use ZincPane\Core\Embeds\ScriptEmbed;

/** Finds parts of embeds of this host in the HTML of a page. */
final readonly class PageReader
{
    /** Bytes that are looked at. */
    public const LARGEST = 2 * 1024 * 1024;

    private const ID = '[0-9a-z]{26}';

    private DOMXPath $path;

    private DOMDocument $document;

    /**
     * @param  string  $host  scheme and name of this one
     * @param  array<string, string>  $pictures  gallery of each folder of files, by its name
     */
    public function __construct(string $html, private string $host, private array $pictures)
    {
        $this->document = (new HTML5(['disable_html_ns' => true]))->loadHTML(stripos($html, '<body') === false && stripos($html, '<head') === false ? "<!doctype html><html><body>{$html}</body></html>" : $html);
        $this->path = new DOMXPath($this->document);
    }

    /**
     * @return list<Found>
     */
    public function found(): array
    {
        return [...$this->scripts(), ...$this->elements(), ...$this->marked(), ...$this->frames(), ...$this->stripped(), ...$this->images(), ...$this->addresses()];
    }

    /** What policies it brings along say (https://www.w3.org/TR/CSP3/#meta-element). */
    public function policy(): string
    {
        $said = [];
        foreach ($this->all('//meta[@http-equiv]') as $meta) {
            if (strtolower($meta->getAttribute('http-equiv')) === 'content-security-policy') {
                $said[] = $meta->getAttribute('content');
            }
        }

        return implode(', ', $said);
    }

    /**
     * @return list<Found>
     */
    private function scripts(): array
    {
        $found = [];
        foreach ($this->all('//script[@src]') as $script) {
            if ($script->getAttribute('src') === "{$this->host}/embed.js") {
                $old = $script->getAttribute('data-gallery');
                $found[] = $old === '' ? new Found(FoundPart::Script, '') : new Found(FoundPart::OldScript, $old);
            }
        }

        return $found;
    }

    /**
     * @return list<Found>
     */
    private function elements(): array
    {
        $found = [];
        foreach ($this->all('//'.ScriptEmbed::TAG) as $element) {
            $said = $element->getAttribute('gallery');
            $id = $said !== '' ? $said : $this->linked($element);
            $hasRoom = $this->path->query('.//template//style', $element);
            $found[] = new Found(FoundPart::Element, $id, $element->getAttribute('stamp'), $hasRoom !== false && $hasRoom->length > 0 && $element->getAttribute('host') === $this->host);
        }

        return $found;
    }

    /** The gallery that a link in it leads to; empty where none does. */
    private function linked(DOMElement $element): string
    {
        foreach ($element->getElementsByTagName('a') as $link) {
            if (preg_match($this->pattern(), $link->getAttribute('href'), $match) === 1) {
                return $match[1];
            }
        }

        return '';
    }

    /**
     * @return list<Found>
     */
    private function marked(): array
    {
        $found = [];
        foreach ($this->all('//*[@'.HtmlCss::MARK.']') as $element) {
            [$part, $id, $stamp, $width] = explode('.', $element->getAttribute(HtmlCss::MARK)) + ['', '', '', ''];
            $class = $element->getAttribute('class');
            $known = match ($part) {
                'head' => new Found(FoundPart::Head, $id, $stamp, trim($element->textContent) !== '' && $element->tagName === 'style', 1, (int) $width),
                'body' => new Found(FoundPart::Body, $id, $stamp, str_starts_with($class, 'zp-at-') && $this->count('.//li[contains(@class,"zp-n")]', $element) > 0, 1, (int) $width),
                'frame' => new Found(FoundPart::Frame, $id, $stamp, str_starts_with($class, 'zp-in-') && $this->count('.//style', $element) > 0),
                default => null,
            };
            if ($known !== null) {
                $found[] = $known;
            }
        }

        return $found;
    }

    /**
     * Frames that have lost what stood around them.
     *
     * @return list<Found>
     */
    private function frames(): array
    {
        $found = [];
        foreach ($this->all('//iframe[@src][not(ancestor::*[@'.HtmlCss::MARK.'])]') as $frame) {
            if (preg_match($this->pattern(), $frame->getAttribute('src'), $match) === 1) {
                $found[] = new Found(FoundPart::Frame, $match[1], '', false);
            }
        }

        return $found;
    }

    /**
     * Lists of tiles that have lost what tells their gallery, but for their pictures.
     *
     * @return list<Found>
     */
    private function stripped(): array
    {
        $found = [];
        foreach ($this->all('//ul[@role="list" or contains(@class,"zp-tiles")][not(ancestor::*[@'.HtmlCss::MARK.'])]') as $list) {
            $gallery = $this->galleriesOf('.//img[@src]', $list);
            if ($gallery !== []) {
                $found[] = new Found(FoundPart::Body, (string) array_key_first($gallery), '', false);
            }
        }

        return $found;
    }

    /**
     * @return list<Found>
     */
    private function images(): array
    {
        $found = [];
        foreach ($this->galleriesOf('//img[@src][not(ancestor::*[@'.HtmlCss::MARK.' or self::ul[@role="list"] or contains(@class,"zp-tiles")])]', null) as $gallery => $count) {
            $found[] = new Found(FoundPart::Pictures, (string) $gallery, '', true, $count);
        }

        return $found;
    }

    /**
     * @return list<Found>
     */
    private function addresses(): array
    {
        $found = [];
        foreach ($this->path->query('//text()[not(ancestor::script or ancestor::style or ancestor::'.ScriptEmbed::TAG.' or ancestor::*[@'.HtmlCss::MARK.'])]') ?: [] as $text) {
            if (preg_match($this->pattern(), trim((string) $text->nodeValue), $match) === 1) {
                $found[$match[1]] = new Found(FoundPart::Address, $match[1]);
            }
        }

        return array_values($found);
    }

    /**
     * @return array<string, int> how many pictures of a gallery there are, by gallery
     */
    private function galleriesOf(string $query, ?DOMElement $in): array
    {
        $count = [];
        foreach ($this->all($query, $in) as $image) {
            $gallery = preg_match('~^'.preg_quote($this->host, '~').'/media/([0-9a-f]{24})/~', $image->getAttribute('src'), $match) === 1 ? $this->pictures[$match[1]] ?? null : null;
            if ($gallery !== null) {
                $count[$gallery] = ($count[$gallery] ?? 0) + 1;
            }
        }

        return $count;
    }

    private function count(string $query, DOMElement $in): int
    {
        return count($this->all($query, $in));
    }

    /**
     * @return list<DOMElement>
     */
    private function all(string $query, ?DOMElement $in = null): array
    {
        $nodes = $this->path->query($query, $in);

        return array_values(array_filter($nodes instanceof DOMNodeList ? iterator_to_array($nodes) : [], static fn ($node): bool => $node instanceof DOMElement));
    }

    /** The address of a gallery by itself. */
    private function pattern(): string
    {
        return '~^'.preg_quote($this->host, '~').'/embed/('.self::ID.')$~D';
    }
}
