<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Embeds\OEmbed;
use ZincPane\Core\Markup\Element;

/** What the head of a page tells machines: what it is, what it shows, where to ask for more. */
final readonly class PageHead
{
    /** Characters of a description, cut at a word. */
    private const LONGEST = 200;

    /**
     * @param  string  $address  of the page, whole
     * @param  string  $words  of the page, as text
     * @param  array<string, FrozenGallery>  $galleries  that everybody sees on it, by identifier
     */
    public function __construct(private Publisher $publisher, private string $address, private string $title, private string $words, private array $galleries)
    {
    }

    public function html(): string
    {
        $description = $this->description();
        $first = $this->first();
        $elements = [
            ...self::named($description),
            Element::of('link', ['rel' => 'canonical', 'href' => $this->address]),
            self::property('og:type', 'website'), self::property('og:site_name', $this->publisher->name), self::property('og:title', $this->title), self::property('og:url', $this->address),
            ...($description === '' ? [] : [self::property('og:description', $description)]),
            ...($first === null ? [] : self::image($first)),
        ];
        foreach ($this->galleries as $id => $gallery) {
            $elements[] = Element::of('link', ['rel' => 'alternate', 'type' => 'application/atom+xml', 'href' => '/'.Feed::path($id), 'title' => $gallery->about->title]);
            $elements[] = Element::of('script', ['type' => 'application/ld+json'])->json(SchemaOrg::gallery($gallery, $this->publisher, $this->address));
        }
        if ($this->galleries !== []) {
            array_push($elements, ...OEmbed::discovery($this->publisher->host, $this->address, $this->title));
        }

        return implode('', $elements);
    }

    /**
     * @return list<Element> one where there is something to say
     */
    public static function named(string $description): array
    {
        return $description === '' ? [] : [Element::of('meta', ['name' => 'description', 'content' => $description])];
    }

    public static function property(string $name, string $content): Element
    {
        return Element::of('meta', ['property' => $name, 'content' => $content]);
    }

    /**
     * @return list<Element>
     */
    public static function image(PictureRecord $record): array
    {
        return [
            self::property('og:image', $record->large()),
            ...($record->alt() === '' ? [] : [self::property('og:image:alt', $record->alt())]),
        ];
    }

    /** The words of the page, else those of its galleries. */
    private function description(): string
    {
        $words = $this->words;
        foreach ($this->galleries as $gallery) {
            if ($words === '' && $gallery->about->showsDescription) {
                $words = $gallery->about->description;
            }
        }
        $line = trim((string) preg_replace('/\s+/u', ' ', $words));
        if (mb_strlen($line) <= self::LONGEST) {
            return $line;
        }
        // A word that ends just there is whole.
        $word = mb_strrpos(mb_substr($line, 0, self::LONGEST + 1), ' ');

        return rtrim(mb_substr($line, 0, $word === false ? self::LONGEST : $word), ' ,;:.').'…';
    }

    private function first(): ?PictureRecord
    {
        foreach ($this->galleries as $gallery) {
            foreach (PictureRecord::all($gallery, $this->publisher) as $record) {
                return $record;
            }
        }

        return null;
    }
}
