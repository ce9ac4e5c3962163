<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\GalleryItem;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Layout\Layouts;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\GalleryMarkup;
use ZincPane\Core\Markup\ShownPicture;

/** A gallery as it is now, or as an edition froze it, ready for the core to draw. */
final readonly class GalleryRenderer
{
    /**
     * @param  list<ShownPicture>  $pictures
     */
    private function __construct(
        public string $title,
        public GalleryDesign $design,
        public array $pictures,
        public Arrangement $arrangement,
    ) {
    }

    /** Of the saved state; needs items with their pictures. */
    public static function ofDraft(Gallery $gallery): self
    {
        $shown = $gallery->items
            ->filter(static fn (GalleryItem $item): bool => $item->picture->madeRenditions() !== [])
            ->map(static fn (GalleryItem $item): ShownPicture => new ShownPicture(
                $item->picture->size(),
                $item->picture->focal(),
                $item->toCore()->words->over($item->picture->words()),
                $item->picture->address(),
                array_values($item->picture->madeRenditions()),
            ));

        return self::of($gallery->title, GalleryDesign::fromArray($gallery->design), array_values($shown->all()));
    }

    /**
     * @param  array<string, mixed>  $content  as toArray() gave it
     */
    public static function ofEdition(array $content): self
    {
        /** @var array{title: string, design: array<string, mixed>, pictures: list<array{size: array{int, int}, focal: array{float, float}, words: array{string, string, string}, address: string, renditions: list<string>}>} $content */
        $shown = array_map(static fn (array $picture): ShownPicture => new ShownPicture(
            Size::of(...$picture['size']),
            FocalPoint::of(...$picture['focal']),
            new Words(...$picture['words']),
            $picture['address'],
            array_map(self::rendition(...), $picture['renditions']),
        ), $content['pictures']);

        return self::of($content['title'], GalleryDesign::fromArray($content['design']), $shown);
    }

    /**
     * The frozen copy that an edition keeps.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'title' => $this->title,
            'design' => $this->design->toArray(),
            'pictures' => array_map(static fn (ShownPicture $picture): array => [
                'size' => [$picture->size->width, $picture->size->height],
                'focal' => [$picture->focal->x, $picture->focal->y],
                'words' => [$picture->words->title, $picture->words->caption, $picture->words->alt],
                'address' => $picture->address,
                'renditions' => array_map(static fn (Rendition $rendition): string => $rendition->fileName(), $picture->renditions),
            ], $this->pictures),
        ];
    }

    /**
     * @param  string  $id  its own on the page
     */
    public function fragment(string $id, ContentWidth $content): Fragment
    {
        return (new GalleryMarkup($id, $this->design, $this->arrangement, $content))->render($this->title, $this->pictures);
    }

    /**
     * @param  list<ShownPicture>  $pictures
     */
    private static function of(string $title, GalleryDesign $design, array $pictures): self
    {
        $ratios = array_map(static fn (ShownPicture $picture): Ratio => $picture->size->ratio(), $pictures);

        return new self($title, $design, $pictures, Layouts::of($design)->arrange($ratios));
    }

    private static function rendition(string $file): Rendition
    {
        [$width, $ending] = explode('.', $file);

        return new Rendition(max(1, (int) $width), Format::from($ending));
    }
}
