<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\Settings;

/** The settings of a layout. One group for all kinds: who tries another kind finds his numbers again. */
final readonly class LayoutDesign
{
    /** Least and most of each number; px but for columns, rows, lines, and seconds. */
    public const RANGES = [
        'columns' => [1, 12], 'tile_width' => [80, 800], 'row_height' => [80, 600], 'height' => [160, 900], 'gap' => [0, 80],
        'first_rows' => [1, 40], 'caption_lines' => [0, 6], 'seconds' => [0, 30],
    ];

    /** Inner width in px from which the wide settings hold. */
    public const WIDE_FROM = 600;

    /** px of one line of a caption, and between picture and caption. */
    public const LINE = 20;

    public const ABOVE_CAPTION = 6;

    private const KEYS = [
        'kind', 'column_rule', 'columns', 'tile_width', 'row_height', 'height', 'shape', 'filling', 'gap', 'last_row', 'at_first', 'first_rows', 'caption_lines', 'seconds', 'large', 'phone',
    ];

    /**
     * @param  int  $columns  1 to 12, of grid and masonry, in force when the rule is Count
     * @param  int  $tileWidth  px, 80 to 800, the least width of a tile when the rule is Fit
     * @param  int  $rowHeight  px, 80 to 600, wished for tiled rows, and for a tile of ordinary size in a mosaic
     * @param  int  $height  px, 160 to 900, of strip and slideshow
     * @param  int  $gap  px between tiles, 0 to 80
     * @param  int  $firstRows  1 to 40, at first or a page
     * @param  int  $captionLines  lines below each tile, 0 for no captions
     * @param  int  $seconds  a slide is shown before the next, 0 to 30; 0 is not timed
     * @param  list<string>  $large  items that a mosaic makes large
     */
    private function __construct(
        public LayoutKind $kind,
        public ColumnRule $columnRule,
        public int $columns,
        public int $tileWidth,
        public int $rowHeight,
        public int $height,
        public TileShape $shape,
        public Filling $filling,
        public int $gap,
        public LastRow $lastRow,
        public AtFirst $atFirst,
        public int $firstRows,
        public int $captionLines,
        public int $seconds,
        public array $large,
        public PhoneDesign $phone,
    ) {
    }

    /**
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public static function fromArray(mixed $values): self
    {
        $settings = Settings::read('design.layout', $values, self::KEYS);
        $px = static fn (string $key, int $default): int => $settings->int($key, $default, ...[...self::RANGES[$key], 'px']);

        return new self(
            $settings->choice('kind', LayoutKind::class, LayoutKind::Grid),
            $settings->choice('column_rule', ColumnRule::class, ColumnRule::Count),
            $settings->int('columns', 3, ...self::RANGES['columns']),
            $px('tile_width', 220),
            $px('row_height', 230),
            $px('height', 420),
            TileShape::of('design.layout.shape', $settings->text('shape', '3:2', 5)),
            $settings->choice('filling', Filling::class, Filling::Crop),
            $px('gap', 8),
            $settings->choice('last_row', LastRow::class, LastRow::Start),
            $settings->choice('at_first', AtFirst::class, AtFirst::All),
            $settings->int('first_rows', 4, ...self::RANGES['first_rows']),
            $settings->int('caption_lines', 0, ...self::RANGES['caption_lines']),
            $settings->int('seconds', 0, ...self::RANGES['seconds']),
            self::ids($settings->raw('large') ?? []),
            PhoneDesign::fromArray($settings->raw('phone') ?? []),
        );
    }

    /**
     * @return array<string, int|string|list<string>|array<string, ?int>>
     */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'column_rule' => $this->columnRule->value,
            'columns' => $this->columns,
            'tile_width' => $this->tileWidth,
            'row_height' => $this->rowHeight,
            'height' => $this->height,
            'shape' => $this->shape->value,
            'filling' => $this->filling->value,
            'gap' => $this->gap,
            'last_row' => $this->lastRow->value,
            'at_first' => $this->atFirst->value,
            'first_rows' => $this->firstRows,
            'caption_lines' => $this->captionLines,
            'seconds' => $this->seconds,
            'large' => $this->large,
            'phone' => $this->phone->toArray(),
        ];
    }

    /** How pictures fill their tiles; those of a slideshow stand whole in its frame. */
    public function fillingInForce(): Filling
    {
        return $this->kind === LayoutKind::Slideshow ? Filling::Fit : $this->filling;
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

        return match ($this->kind) {
            LayoutKind::Grid => "Grid {$columns}, {$this->shape->label()}",
            LayoutKind::Masonry => "Masonry {$columns}",
            LayoutKind::Rows => "Tiled rows, {$this->rowHeight} px",
            LayoutKind::Mosaic => "Mosaic, {$this->rowHeight} px",
            LayoutKind::Strip => "Strip, {$this->height} px",
            LayoutKind::Slideshow => "Slideshow, {$this->height} px",
            LayoutKind::Single => 'One per row',
        };
    }

    /** px that the caption takes below every picture. */
    public function belowPicture(): int
    {
        return $this->captionLines === 0 || $this->kind->isLine() ? 0 : self::ABOVE_CAPTION + $this->captionLines * self::LINE;
    }

    /**
     * @return list<string>
     */
    private static function ids(mixed $values): array
    {
        if (! is_array($values) || count($values) > 500) {
            throw SettingException::notAGroup('design.layout.large', $values);
        }
        $ids = [];
        foreach ($values as $value) {
            $ids[] = is_string($value) && preg_match('/^[0-9a-z]{26}$/', $value) === 1 ? $value : throw SettingException::notText('design.layout.large', $value, 26);
        }

        return array_values(array_unique($ids));
    }
}
