<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Group;
use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Part;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\When;

/** The settings of a layout. One group for all kinds: who tries another kind finds his numbers again. */
final readonly class LayoutDesign
{
    /** Inner width in px from which the wide settings hold. */
    public const WIDE_FROM = 600;

    private const COLUMNED = [LayoutKind::Grid, LayoutKind::Masonry];

    private const ROWED = [LayoutKind::Rows, LayoutKind::Mosaic];

    private const STRIPS = [LayoutKind::Strip, LayoutKind::Slideshow];

    /** Those whose tiles stand one below the other, so that some may wait. */
    private const STANDING = [LayoutKind::Grid, LayoutKind::Masonry, LayoutKind::Rows, LayoutKind::Mosaic, LayoutKind::Single];

    /**
     * @param  int  $tileWidth  px, the least width of a tile when the rule is Fit
     * @param  int  $rowHeight  px, wished for tiled rows, and for a tile of ordinary size in a mosaic
     * @param  int  $height  px, of strip and slideshow
     * @param  int  $gap  px between tiles
     * @param  int  $initialRows  at first, or a page
     * @param  int  $seconds  a slide is shown before the next; 0 is not timed
     */
    private function __construct(
        #[Setting('Layout', new Choice(LayoutKind::class), 'grid', 'Layout')]
        public LayoutKind $kind,
        #[Setting('Columns', new Choice(ColumnRule::class), 'count', 'Tiles', new When(['layout.kind' => self::COLUMNED]), '')]
        public ColumnRule $columnRule,
        #[Setting('How many columns', new WholeNumber(1, 12), 3, 'Tiles', new When(['layout.kind' => self::COLUMNED, 'layout.column_rule' => [ColumnRule::Count]]), '{} columns')]
        public int $columns,
        #[Setting('Tiles at least as wide as', new WholeNumber(80, 800, 'px', named: TileSize::TILES), 220, 'Tiles', new When(['layout.kind' => self::COLUMNED, 'layout.column_rule' => [ColumnRule::Fit]]), 'from {}')]
        public int $tileWidth,
        #[Setting('Shape of the tiles', new ShapeKind, '3:2', 'Tiles', new When(['layout.kind' => [LayoutKind::Grid]]))]
        public TileShape $shape,
        #[Setting('A picture of another shape', new Choice(ObjectFit::class), 'cover', 'Tiles', new When(['layout.kind' => [LayoutKind::Grid, LayoutKind::Strip]]), '')]
        public ObjectFit $objectFit,
        #[Setting('Row height, about', new WholeNumber(80, 600, 'px', named: TileSize::TILES), 230, 'Tiles', new When(['layout.kind' => self::ROWED]), 'rows {}')]
        public int $rowHeight,
        #[Setting('Height', new WholeNumber(160, 900, 'px', named: TileSize::STRIPS), 420, 'Tiles', new When(['layout.kind' => self::STRIPS]), '{} high')]
        public int $height,
        #[Setting('Next picture after', new WholeNumber(0, 30, 'seconds', words: [0 => 'by hand', 1 => '1 second']), 0, 'Tiles', new When(['layout.kind' => [LayoutKind::Slideshow]]))]
        public int $seconds,
        #[Setting('Gap', new WholeNumber(0, 80, 'px'), 8, 'Tiles', new When(['layout.kind' => [...self::STANDING, LayoutKind::Strip]]), 'gap {}')]
        public int $gap,
        #[Setting('Last row', new Choice(LastRow::class), 'start', 'Rows', new When(['layout.kind' => [LayoutKind::Grid, LayoutKind::Rows]]), 'last row: {}')]
        public LastRow $lastRow,
        #[Setting('Shown at first', new Choice(InitialView::class), 'all', 'Rows', new When(['layout.kind' => self::STANDING]), '{} at first')]
        public InitialView $initialView,
        #[Setting('Rows at first, or a page', new WholeNumber(1, 40), 4, 'Rows', new When(['layout.kind' => self::STANDING, 'layout.initial_view' => [InitialView::Rows, InitialView::Pages]]), '{} rows')]
        public int $initialRows,
        #[Part]
        public PhoneDesign $phone,
    ) {
    }

    /**
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public static function fromArray(mixed $values): self
    {
        return Group::of(self::class)->read('design.layout', $values);
    }

    /**
     * The same with some settings changed.
     *
     * @param  array<string, mixed>  $part
     *
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public function with(array $part): self
    {
        return $part === [] ? $this : self::fromArray(array_replace_recursive(Group::of(self::class)->write($this), $part));
    }

    /** How pictures fill their tiles; those of a slideshow stand whole in its frame. */
    public function objectFitInForce(): ObjectFit
    {
        return $this->kind === LayoutKind::Slideshow ? ObjectFit::Contain : $this->objectFit;
    }

    /** The shape all tiles share; null where each has its picture's own. */
    public function sharedShape(): ?TileShape
    {
        return $this->kind === LayoutKind::Grid && $this->shape->ratio !== null ? $this->shape : null;
    }

    /** In a few words: "Grid 4, square". */
    public function label(): string
    {
        $columns = $this->columnRule === ColumnRule::Count ? "{$this->columns}" : "from {$this->tileWidth} px";

        return $this->kind->label().match ($this->kind) {
            LayoutKind::Grid => " {$columns}, {$this->shape->label()}",
            LayoutKind::Masonry => " {$columns}",
            LayoutKind::Rows, LayoutKind::Mosaic => ", {$this->rowHeight} px",
            LayoutKind::Strip, LayoutKind::Slideshow => ", {$this->height} px",
            LayoutKind::Single => '',
        };
    }
}
