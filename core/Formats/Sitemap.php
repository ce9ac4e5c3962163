<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Edition\FrozenGallery;

/** All pages, and the pictures on each (https://www.sitemaps.org/protocol.html, https://www.google.com/schemas/sitemap-image/1.1). */
final class Sitemap
{
    public const PATH = 'sitemap.xml';

    /** Addresses in one file, and pictures of one address: what its readers take at most. */
    private const MOST = 50_000;

    private const MOST_PICTURES = 1000;

    /** @var array<string, list<PictureRecord>> by address */
    private array $pages = [];

    public function __construct(private readonly Publisher $publisher)
    {
    }

    /**
     * @param  string  $path  of a page
     * @param  list<FrozenGallery>  $galleries  that everybody sees on it
     */
    public function page(string $path, array $galleries): void
    {
        $address = $this->publisher->whole($path);
        $this->pages[$address] ??= [];
        foreach ($galleries as $gallery) {
            foreach (PictureRecord::all($gallery, $this->publisher) as $record) {
                $this->pages[$address][] = $record;
                $own = $record->page();
                if ($own !== null) {
                    $this->pages[$own] = [$record];
                }
            }
        }
    }

    public function xml(): string
    {
        $all = Xml::of('urlset', ['xmlns' => 'http://www.sitemaps.org/schemas/sitemap/0.9', 'xmlns:image' => 'http://www.google.com/schemas/sitemap-image/1.1']);
        foreach (array_slice($this->pages, 0, self::MOST, true) as $address => $records) {
            $url = Xml::of('url')->add(Xml::of('loc')->text($address));
            foreach (array_slice($records, 0, self::MOST_PICTURES) as $record) {
                $url->add(Xml::of('image:image')->add(Xml::of('image:loc')->text($record->large())));
            }
            $all->add($url);
        }

        return $all->document();
    }
}
