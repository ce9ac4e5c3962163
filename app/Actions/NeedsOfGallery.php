<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\ItemRows;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Layout\Sections;

/** Finds out what files a gallery needs of its pictures, wherever it stands. */
final class NeedsOfGallery
{
    /** @var array<string, RenditionPlan> by the state of a gallery; the last one alone */
    private array $plans = [];

    public function __construct(private readonly Sections $sections)
    {
    }

    /** The plan alone; of a gallery that did not change since, without working it out again. */
    public function planOf(Gallery $gallery): RenditionPlan
    {
        $shapes = GalleryItem::query()->toBase()->join('pictures', 'pictures.id', '=', 'gallery_items.picture_id')->where('gallery_id', $gallery->id)
            ->selectRaw('count(*) as n, total(width * (position + 1)) as wide, total(height * (position + 1)) as high')->first();
        $key = "{$gallery->id} {$gallery->version} ".json_encode([$shapes, $gallery->panes()->pluck('tile_size')->all()]);
        if (! isset($this->plans[$key])) {
            // A worker makes the files of many pictures of one gallery, one after the other.
            $this->plans = [$key => $this->of($gallery)->plan];
        }

        return $this->plans[$key];
    }

    public function of(Gallery $gallery, ?ItemRows $rows = null): GalleryNeeds
    {
        $pictures = $shapes = $albums = $large = $acts = [];
        foreach (($rows ?? ItemRows::of($gallery->id))->all as $row) {
            if (! $row->isHidden() && $row->hasFace()) {
                $pictures[] = $row;
                $shapes[] = $row->size()->ratio();
                $albums[] = $row->album();
                $large[] = $row->isLarge();
                $acts[] = $row->click() ?? $gallery->design->viewer->click->act;
            }
        }
        $arrangements = [];
        foreach (self::designs($gallery) as $design) {
            foreach ($this->sections->of($shapes, $albums, $large, $gallery->albumsInUse(), $design) as $section) {
                $arrangements[] = $section->arrangement;
            }
        }

        return new GalleryNeeds($pictures, RenditionPlan::of($gallery->design, $arrangements, $acts));
    }

    /**
     * The gallery's own, and that of each pane with tiles of another size.
     *
     * @return non-empty-list<GalleryDesign>
     */
    private static function designs(Gallery $gallery): array
    {
        $designs = [$gallery->design];
        foreach ($gallery->panes->whereNotNull('tile_size')->unique('tile_size') as $pane) {
            $designs[] = $pane->tileSize()?->in($gallery->design) ?? $gallery->design;
        }

        return $designs;
    }
}
