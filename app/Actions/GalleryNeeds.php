<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Markup\Section;
use ZincPane\Core\Markup\ShownPicture;

/** The pictures that a gallery shows, and the plan of the files its layout needs of them. */
final readonly class GalleryNeeds
{
    /**
     * @param  list<Picture>  $pictures
     */
    private function __construct(public array $pictures, public RenditionPlan $plan)
    {
    }

    /** Needs the items with their pictures loaded. */
    public static function of(Gallery $gallery): self
    {
        $pictures = $items = $albums = $large = [];
        $design = GalleryDesign::fromArray($gallery->design);
        foreach ($gallery->items as $row) {
            $face = self::faceOf($row);
            if ($face !== null) {
                $pictures[] = $face;
                $items[] = new ShownPicture($face->size(), $face->focal(), new Words, '', []);
                $albums[] = $row->album;
                $large[] = in_array($row->id, $design->layout->large, true);
            }
        }
        $shown = Albums::parse($gallery->albums['list'], $gallery->albums['view']);
        $arrangements = [];
        foreach (self::designs($gallery, $design) as $each) {
            $sections = Section::of($items, $albums, $shown, $each, $large);
            array_push($arrangements, ...array_map(static fn (Section $section): Arrangement => $section->arrangement, $sections));
        }

        return new self($pictures, RenditionPlan::of($design, $arrangements));
    }

    /**
     * The gallery's own, and that of each pane with tiles of another size.
     *
     * @return non-empty-list<GalleryDesign>
     */
    private static function designs(Gallery $gallery, GalleryDesign $own): array
    {
        $designs = [$own];
        foreach ($gallery->panes->whereNotNull('tile_size')->unique('tile_size') as $pane) {
            $designs[] = $pane->tileSize()?->in($own) ?? $own;
        }

        return $designs;
    }

    private static function faceOf(GalleryItem $row): ?Picture
    {
        return $row->is_hidden ? null : $row->picture?->face();
    }
}
