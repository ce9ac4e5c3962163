<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\ItemRow;
use App\Models\ItemRows;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\Painter;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Site\PageFrame;
use ZincPane\Core\Site\Pane as CorePane;

/** One place of a gallery, for whoever sets it: what is otherwise there, and where its edge may stop. */
final readonly class PaneFacts
{
    /** Settings of the design that a place may have of its own, besides the finish as a whole. */
    private const SETTINGS = ['layout.columns', 'layout.phone.columns', 'layout.phone.row_height', 'layout.phone.height', 'finish.captions.place', 'viewer.click.act'];

    /** px of the small pictures to leave out by. */
    private const SMALL = 240;

    /** Marks for whole tiles that are told at most. */
    private const MOST_MARKS = 24;

    public function __construct(private Painter $painter)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function of(Pane $pane): array
    {
        $site = Site::whole();
        $core = $pane->toCore();
        $page = $pane->page_id === null ? null : $site->pages->find($pane->page_id);
        $frame = $core->frame($page?->isBroughtIn() === true ? null : $site->frame());
        $content = $frame->of($core->design);
        $gallery = $pane->gallery;
        $rows = ItemRows::of($gallery->id);

        return [
            'id' => $pane->id,
            'room' => ['wide' => (int) round($content->at(Viewport::WIDE)), 'phone' => (int) round($content->at(Viewport::PHONE)), 'most' => (int) round($frame->column()->at(Viewport::WIDE))],
            'marks' => ['page' => $frame->marks(Viewport::WIDE), 'tiles' => $this->tiles($core, $frame, Drafts::of($gallery, null, $rows))],
            'space' => ['above' => $core->design->spaceAbove(), 'below' => $core->design->spaceBelow()],
            'exceptions' => self::exceptions($core, $gallery->design),
            'finish' => ['here' => FinishLabel::of($core->exceptions->design($gallery->design)), 'gallery' => FinishLabel::of($gallery->design)],
            'albums' => array_map(static fn (array $album): array => ['value' => $album['id'], 'label' => $album['name']], $gallery->albumsInUse()->toArray()['list']),
            'items' => array_map(static fn (ItemRow $row): array => [
                'id' => $row->id(), 'title' => $row->words()->title !== '' ? $row->words()->title : $row->name(), 'thumbnail' => self::thumbnail($row), 'shown' => ! in_array($row->id(), $core->exceptions->leftOut, true),
            ], array_values(array_filter($rows->all, static fn (ItemRow $row): bool => ! $row->isHidden()))),
        ];
    }

    private static function thumbnail(ItemRow $row): ?string
    {
        foreach ($row->hasFace() ? $row->renditions() : [] as $file) {
            if ($file->width >= self::SMALL) {
                return $row->address().'/'.$file->fileName();
            }
        }

        return null;
    }

    /**
     * Settings in force there, each with what the gallery has.
     *
     * @return list<array{path: string, label: string, here: mixed, says: string, gallery: string, is_other: bool}>
     */
    private static function exceptions(CorePane $pane, GalleryDesign $design): array
    {
        $here = $pane->exceptions->design($design);
        $values = $here->values();
        $own = $design->values();
        $other = GalleryDesign::flat($pane->exceptions->design);
        $told = [];
        foreach (self::SETTINGS as $path) {
            $setting = GalleryDesign::settings()[$path];
            // A number of columns may be given where the gallery goes by width.
            $when = $path === 'layout.columns' ? in_array($here->layout->kind->sizeKey(), ['tile_width'], true) : ($setting->when?->holds($values) ?? true);
            if ($when) {
                $isCount = $path !== 'layout.columns' || in_array($path, $design->inForce(), true);
                $told[] = [
                    'path' => $path, 'label' => $setting->label, 'here' => $values[$path], 'says' => $setting->kind->says($values[$path]),
                    'gallery' => $isCount ? $setting->kind->says($own[$path]) : 'as many as fit', 'is_other' => array_key_exists($path, $other),
                ];
            }
        }

        return $told;
    }

    /**
     * Widths at which its tiles are as wide as they are now, and whole: one of them, two, three.
     *
     * @return list<int> px, ascending
     */
    private function tiles(CorePane $pane, PageFrame $frame, FrozenGallery $drawn): array
    {
        $here = $pane->exceptions->in($drawn);
        $width = $frame->of($pane->design)->within($here->design->finish->ground->sides())->at(Viewport::WIDE);
        $tile = $here->items === [] || $here->design->layout->kind->sizeKey() !== 'tile_width' ? null : $this->painter->sections($here)[0]->arrangement->at($width)->boxes->widths[0]->at($width);
        $marks = [];
        $gap = $here->design->layout->gap;
        $around = $frame->of($pane->design)->at(Viewport::WIDE) - $width;
        $most = $frame->column()->at(Viewport::WIDE);
        for ($count = 1; $tile !== null && $tile > 0 && $count <= self::MOST_MARKS && $count * ($tile + $gap) - $gap + $around <= $most + 0.5; $count++) {
            $marks[] = (int) round($count * ($tile + $gap) - $gap + $around);
        }

        return $marks;
    }
}
