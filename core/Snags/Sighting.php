<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** One thing that a rule found: an item of which something is amiss, or a page, or the gallery itself. */
final readonly class Sighting
{
    /**
     * @param  ?string  $item  identifier of the item
     * @param  string  $seen  what makes it amiss: who means that means nothing else
     * @param  ?string  $page  identifier of the page
     * @param  ?string  $beside  identifier of another item that it is amiss beside
     */
    private function __construct(public ?string $item, public string $seen, public ?string $page = null, public ?string $beside = null)
    {
    }

    public static function ofItem(string $item, string $seen): self
    {
        return new self($item, $seen);
    }

    public static function ofPair(string $item, string $beside): self
    {
        return new self($item, $beside, null, $beside);
    }

    /**
     * @return list<string> identifiers of the items that it is about
     */
    public function items(): array
    {
        return array_values(array_filter([$this->beside, $this->item], is_string(...)));
    }

    public static function ofPage(string $page, string $seen): self
    {
        return new self(null, $seen, $page);
    }

    public static function ofGallery(string $seen): self
    {
        return new self(null, $seen);
    }

    /** The same for the same thing seen by the same rule, whenever it is. */
    public function mark(string $code): string
    {
        return hash('xxh128', json_encode([$code, $this->item, $this->page, $this->seen], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
