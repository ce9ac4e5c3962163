<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Leads;

/** The Atom feed of a gallery (RFC 4287): an entry a picture, in their order. */
final readonly class Feed
{
    /** Entries at most. */
    public const MOST = 200;

    /** px of the picture in an entry. */
    private const WIDTH = 810;

    /**
     * @param  string  $id  of the gallery, a ULID
     * @param  string  $page  address of the page it stands on
     * @param  int  $updated  seconds since 1970, when it went live
     */
    public function __construct(private FrozenGallery $gallery, private string $id, private Publisher $publisher, private string $page, private int $updated)
    {
    }

    /** Where it lies, from the top of what is published. */
    public static function path(string $galleryId): string
    {
        return "feed/{$galleryId}.xml";
    }

    public function xml(): string
    {
        $about = $this->gallery->about;
        $feed = Xml::of('feed', ['xmlns' => 'http://www.w3.org/2005/Atom', 'xml:lang' => $this->publisher->language])->add(
            Xml::of('id')->text($this->tag('')),
            Xml::of('title')->text($about->title),
            Xml::of('updated')->text($this->time()),
            Xml::of('link', ['rel' => 'self', 'type' => 'application/atom+xml', 'href' => $this->publisher->whole(self::path($this->id))]),
            Xml::of('link', ['rel' => 'alternate', 'type' => 'text/html', 'href' => $this->page]),
            Xml::of('author')->add(Xml::of('name')->text($this->publisher->name)),
        );
        if ($about->showsDescription && $about->description !== '') {
            $feed->add(Xml::of('subtitle')->text($about->description));
        }
        foreach (array_slice(PictureRecord::all($this->gallery, $this->publisher), 0, self::MOST) as $record) {
            $feed->add($this->entry($record));
        }

        return $feed->document();
    }

    private function entry(PictureRecord $record): Xml
    {
        $entry = Xml::of('entry')->add(
            Xml::of('id')->text($this->tag('/'.$this->gallery->key($record->place))),
            Xml::of('title')->text($record->title !== '' ? $record->title : ($record->alt() !== '' ? $record->alt() : '#'.($record->place + 1))),
            Xml::of('updated')->text($this->time()),
            Xml::of('link', ['rel' => 'alternate', 'type' => 'text/html', 'href' => $record->page() ?? $this->page]),
            Xml::of('link', ['rel' => 'enclosure', 'type' => $record->picture->video->mediaType ?? 'image/jpeg', 'href' => $record->content()]),
        );
        if ($record->credit !== '') {
            $entry->add(Xml::of('author')->add(Xml::of('name')->text($record->credit)));
        }
        if ($record->rights !== '') {
            $entry->add(Xml::of('rights')->text($record->rights));
        }
        if ($record->caption !== '') {
            $entry->add(Xml::of('summary')->text($record->caption));
        }

        return $entry->add(Xml::of('content', ['type' => 'html'])->text($this->html($record)));
    }

    private function html(PictureRecord $record): string
    {
        $picture = $record->picture;
        $file = $picture->smallest(self::WIDTH) ?? Leads::large($picture);
        $image = Element::of('img', [
            'src' => $this->publisher->whole($picture->addressOf($file)), 'alt' => $record->alt(),
            'width' => $file->width, 'height' => $picture->size->heightFor($file->width),
        ]);
        $says = array_filter([$record->caption, $record->description], static fn (string $one): bool => $one !== '');

        return Element::of('p')->add(Element::of('a', ['href' => $record->page() ?? $record->content()])->add($image))
            .implode('', array_map(static fn (string $one): string => (string) Element::of('p')->text($one), $says));
    }

    private function time(): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', $this->updated);
    }

    /** What it is called for ever, wherever it lies (RFC 4151). */
    private function tag(string $of): string
    {
        return 'tag:'.parse_url($this->publisher->host, PHP_URL_HOST).",2026:gallery/{$this->id}{$of}";
    }
}
