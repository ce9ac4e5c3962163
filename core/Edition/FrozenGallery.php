<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\Upgrades\Upgrades;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Viewer\ClickAct;

/** A gallery as visitors see it, or would: what an edition keeps, readable for ever. */
final readonly class FrozenGallery
{
    /** Letters of an item's identifier that it is called by in addresses. */
    private const KEY = 8;

    /**
     * @param  list<Shown>  $items
     * @param  list<?string>  $inAlbums  of each item, the identifier of its album
     * @param  list<bool>  $large  of each item, whether it is to be large
     * @param  ?ShownPicture  $ground  that the gallery stands on
     * @param  list<string>  $keys  of each item, what it is called by in addresses; small letters and digits
     * @param  list<?ClickAct>  $clicks  of each item, what a click does where that is not the gallery's rule
     * @param  string  $key  what the gallery itself is called by in addresses; empty where it is not known
     */
    public function __construct(
        public About $about,
        public GalleryDesign $design,
        public Albums $albums,
        public array $items,
        public array $inAlbums,
        public array $large,
        public ?ShownPicture $ground = null,
        public array $keys = [],
        public array $clicks = [],
        public string $key = '',
    ) {
    }

    /**
     * @param  array<string, mixed>  $content  as toArray() gave it, now or under an earlier schema
     */
    public static function fromArray(array $content): self
    {
        /** @var array{about: array<string, mixed>, design: array<string, mixed>, albums: array{list: mixed, view: mixed}, items: list<array<string, mixed>>, in_albums: list<?string>, large?: list<bool>, ground?: array<string, mixed>, keys?: list<string>, clicks?: list<?string>, key?: string} $content */
        $content = Upgrades::all()->edition($content);

        return new self(
            About::titled('-')->with($content['about']),
            GalleryDesign::fromArray($content['design']),
            Albums::parse($content['albums']['list'], $content['albums']['view']),
            array_map(FrozenItem::read(...), $content['items']),
            $content['in_albums'],
            $content['large'] ?? [],
            isset($content['ground']) && ($ground = FrozenItem::read($content['ground'])) instanceof ShownPicture ? $ground : null,
            $content['keys'] ?? [],
            array_map(static fn (?string $click): ?ClickAct => ClickAct::tryFrom($click ?? ''), $content['clicks'] ?? []),
            $content['key'] ?? '',
        );
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'about' => $this->about->toArray(),
            'design' => $this->design->toArray(),
            'albums' => $this->albums->toArray(),
            'items' => array_map(FrozenItem::write(...), $this->items),
            'in_albums' => $this->inAlbums,
            'large' => $this->large,
            ...($this->ground === null ? [] : ['ground' => FrozenItem::write($this->ground)]),
            'key' => $this->key,
            'keys' => $this->keys,
            ...(array_filter($this->clicks) === [] ? [] : ['clicks' => array_map(static fn (?ClickAct $click): ?string => $click?->value, $this->clicks)]),
        ];
    }

    public function designed(GalleryDesign $design): self
    {
        return new self($this->about, $design, $this->albums, $this->items, $this->inAlbums, $this->large, $this->ground, $this->keys, $this->clicks, $this->key);
    }

    /** What an item of an identifier is called by in addresses. */
    public static function keyOf(string $id): string
    {
        return strtolower(substr($id, -self::KEY));
    }

    /**
     * With some of its items and no others.
     *
     * @param  callable(string, ?string): bool  $isShown  of an item, by what it is called in addresses and its album
     */
    public function only(callable $isShown): self
    {
        $items = $inAlbums = $large = $keys = $clicks = [];
        foreach ($this->items as $place => $item) {
            if ($isShown($this->key($place), $this->inAlbums[$place] ?? null)) {
                $items[] = $item;
                $inAlbums[] = $this->inAlbums[$place] ?? null;
                $large[] = $this->large[$place] ?? false;
                $keys[] = $this->key($place);
                $clicks[] = $this->clicks[$place] ?? null;
            }
        }

        return new self($this->about, $this->design, $this->albums, $items, $inAlbums, $large, $this->ground, $keys, $clicks, $this->key);
    }

    /** Without the picture that it stands on. */
    public function onNothing(): self
    {
        return new self($this->about, $this->design, $this->albums, $this->items, $this->inAlbums, $this->large, null, $this->keys, $this->clicks, $this->key);
    }

    /** What an item is called by in addresses; editions of before knew only its number. */
    public function key(int $place): string
    {
        return $this->keys[$place] ?? 'n'.($place + 1);
    }

    /** What a click on an item comes to. */
    public function act(int $place): ClickAct
    {
        $item = $this->items[$place];

        return ($this->clicks[$place] ?? $this->design->viewer->click->act)->of($item instanceof ShownText, $item->words()->link !== '');
    }

    /**
     * @return list<ClickAct> of each item
     */
    public function acts(): array
    {
        return array_map($this->act(...), array_keys($this->items));
    }

    /** Whether each picture has a page of its own. */
    public function makesPages(): bool
    {
        return $this->design->viewer->giving->pages || in_array(ClickAct::Page, $this->acts(), true);
    }

    /**
     * @return non-empty-list<Section>
     */
    public function sections(Sections $sections): array
    {
        return $sections->of(array_map(static fn (Shown $item): Ratio => $item->ratio(), $this->items), $this->inAlbums, $this->large, $this->albums, $this->design);
    }

    /**
     * @return list<Subject>
     */
    public function subjects(): array
    {
        return array_map(static fn (Shown $item): Subject => $item->subject(), $this->items);
    }

    /**
     * @return non-empty-list<list<int>> indexes of the items that are laid out together
     */
    public function parts(): array
    {
        return array_map(static fn (array $part): array => $part[1], Sections::parts($this->inAlbums, $this->albums));
    }

    /**
     * @return list<int> indexes of the items that are to be large
     */
    public function largePlaces(): array
    {
        return array_keys(array_filter($this->large));
    }
}
