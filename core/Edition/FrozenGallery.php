<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Design\Upgrades\Upgrades;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Measuring\Subject;

/** A gallery as visitors see it, or would: what an edition keeps, readable for ever. */
final readonly class FrozenGallery
{
    /**
     * @param  list<Shown>  $items
     * @param  list<?string>  $inAlbums  of each item, the identifier of its album
     * @param  list<bool>  $large  of each item, whether it is to be large
     * @param  ?ShownPicture  $ground  that the gallery stands on
     */
    public function __construct(
        public About $about,
        public GalleryDesign $design,
        public Albums $albums,
        public array $items,
        public array $inAlbums,
        public array $large,
        public ?ShownPicture $ground = null,
    ) {
    }

    /**
     * @param  array<string, mixed>  $content  as toArray() gave it, now or under an earlier schema
     */
    public static function fromArray(array $content): self
    {
        /** @var array{about: array<string, mixed>, design: array<string, mixed>, albums: array{list: mixed, view: mixed}, items: list<array<string, mixed>>, in_albums: list<?string>, large?: list<bool>, ground?: array<string, mixed>} $content */
        $content = Upgrades::all()->edition($content);

        return new self(
            About::titled('-')->with($content['about']),
            GalleryDesign::fromArray($content['design']),
            Albums::parse($content['albums']['list'], $content['albums']['view']),
            array_map(FrozenItem::read(...), $content['items']),
            $content['in_albums'],
            $content['large'] ?? [],
            isset($content['ground']) && ($ground = FrozenItem::read($content['ground'])) instanceof ShownPicture ? $ground : null,
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
        ];
    }

    public function designed(GalleryDesign $design): self
    {
        return new self($this->about, $design, $this->albums, $this->items, $this->inAlbums, $this->large, $this->ground);
    }

    /** The same with tiles of another size, as a pane may wish. */
    public function sized(?TileSize $size): self
    {
        return $size === null ? $this : $this->designed($size->in($this->design));
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
     * @return list<int> indexes of the items that are to be large
     */
    public function largePlaces(): array
    {
        return array_keys(array_filter($this->large));
    }
}
