<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\ItemRows;
use App\Models\Site;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Site\PaneExceptions;

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
        $key = "{$gallery->id} {$gallery->version} ".json_encode([$shapes, $gallery->panes()->toBase()->get(['page_id', 'place', 'exceptions', 'room'])->all()]);
        if (! isset($this->plans[$key])) {
            // A worker makes the files of many pictures of one gallery, one after the other.
            $this->plans = [$key => $this->of($gallery)->plan];
        }

        return $this->plans[$key];
    }

    public function of(Gallery $gallery, ?ItemRows $rows = null): GalleryNeeds
    {
        $pictures = $shapes = $albums = $large = $acts = $keys = [];
        foreach (($rows ?? ItemRows::of($gallery->id))->all as $row) {
            if (! $row->isHidden() && $row->hasFace()) {
                $pictures[] = $row;
                $shapes[] = $row->size()->ratio();
                $albums[] = $row->album();
                $large[] = $row->isLarge();
                $acts[] = $row->click() ?? $gallery->design->viewer->click->act;
                $keys[] = $row->id();
            }
        }
        $placed = [];
        foreach (self::places($gallery) as [$exceptions, $content]) {
            $design = $exceptions->design($gallery->design);
            $own = array_keys(array_filter($keys, static fn (string $id, int $i): bool => ! in_array($id, $exceptions->leftOut, true) && ($exceptions->album === null || $albums[$i] === $exceptions->album), ARRAY_FILTER_USE_BOTH));
            $own = array_flip($own);
            $of = [array_intersect_key($shapes, $own), array_intersect_key($albums, $own), array_intersect_key($large, $own)];
            foreach ($this->sections->of(array_values($of[0]), array_values($of[1]), array_values($of[2]), $gallery->albumsInUse(), $design) as $section) {
                $placed[] = [$section->arrangement, $content->within($design->finish->ground->sides())];
            }
            $acts[] = $design->viewer->click->act;
        }

        return new GalleryNeeds($pictures, RenditionPlan::placed($gallery->design, $placed, $acts));
    }

    /**
     * What is otherwise in each place, and how wide it is. As the gallery is by itself it is reckoned with too:
     * it is embedded so, and looked at while it is made.
     *
     * @return list<array{PaneExceptions, ContentWidth}>
     */
    private static function places(Gallery $gallery): array
    {
        $site = Site::query()->first();
        if ($site === null) {
            return [[PaneExceptions::none(), ContentWidth::unknown()]];
        }
        $places = [];
        foreach ($gallery->panes()->with('page.content:hash,kind')->orderBy('id')->get() as $pane) {
            $exceptions = $pane->toCore()->exceptions;
            $content = $pane->contentWidth($site);
            $places[serialize([$exceptions->toArray(), $content])] = [$exceptions, $content];
        }
        $widths = array_map(static fn (array $place): ContentWidth => $place[1], array_values($places));
        $isPlain = array_filter($places, static fn (array $place): bool => $place[0]->isNone()) !== [];

        return [...array_values($places), ...($isPlain ? [] : [[PaneExceptions::none(), $widths[0] ?? $site->frame()->column()]])];
    }
}
