<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\Settings;

/** The settings of a grid. */
final readonly class GridDesign
{
    public const KIND = 'grid';

    /** Least and most of each number; px but for the columns. */
    public const RANGES = ['columns' => [1, 12], 'tile_width' => [80, 800], 'gap' => [0, 80]];

    private const KEYS = ['kind', 'column_rule', 'columns', 'tile_width', 'shape', 'filling', 'gap', 'last_row'];

    /**
     * @param  int  $columns  1 to 12, in force when the rule is Count
     * @param  int  $tileWidth  px, 80 to 800, the least width of a tile when the rule is Fit
     * @param  int  $gap  px between tiles, 0 to 80
     */
    private function __construct(
        public ColumnRule $columnRule,
        public int $columns,
        public int $tileWidth,
        public TileShape $shape,
        public Filling $filling,
        public int $gap,
        public LastRow $lastRow,
    ) {
    }

    /**
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public static function fromArray(mixed $values): self
    {
        $settings = Settings::read('design.layout', $values, self::KEYS);
        if (! in_array($settings->raw('kind'), [self::KIND, null], true)) {
            throw SettingException::notAmong('design.layout.kind', $settings->raw('kind'), [self::KIND]);
        }

        return new self(
            $settings->choice('column_rule', ColumnRule::class, ColumnRule::Count),
            $settings->int('columns', 3, ...self::RANGES['columns']),
            $settings->int('tile_width', 220, ...[...self::RANGES['tile_width'], 'px']),
            $settings->choice('shape', TileShape::class, TileShape::ThreeTwo),
            $settings->choice('filling', Filling::class, Filling::Crop),
            $settings->int('gap', 8, ...[...self::RANGES['gap'], 'px']),
            $settings->choice('last_row', LastRow::class, LastRow::Start),
        );
    }

    /**
     * @return array{kind: string, column_rule: string, columns: int, tile_width: int, shape: string, filling: string, gap: int, last_row: string}
     */
    public function toArray(): array
    {
        return [
            'kind' => self::KIND,
            'column_rule' => $this->columnRule->value,
            'columns' => $this->columns,
            'tile_width' => $this->tileWidth,
            'shape' => $this->shape->value,
            'filling' => $this->filling->value,
            'gap' => $this->gap,
            'last_row' => $this->lastRow->value,
        ];
    }
}
