<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/**
 * Whether a masonry can be read in its order at one width: no tile may start above one that comes more than twice as many
 * places before it as there are columns.
 */
final class ReadingOrder
{
    /** A hair's difference is none; px. */
    private const HAIR = 1e-6;

    /** @var array<int, float> where the columns end, px */
    private array $ends;

    /** @var list<float> where the tiles start, px */
    private array $starts = [];

    /** @var list<float> of the tiles that may be moved, px */
    private array $free = [];

    /** px above which the next tile must not start. */
    private float $floor = 0.0;

    /** Tiles between two of which the later may not start above the earlier. */
    private readonly int $reach;

    /**
     * @param  positive-int  $columns
     */
    public function __construct(int $columns)
    {
        $this->ends = array_fill(0, $columns, 0.0);
        $this->reach = 2 * $columns;
    }

    /**
     * With the tiles that stay where they are.
     *
     * @param  list<float>  $heights  of all tiles, px
     * @param  list<int>  $chosen  the column of each
     * @param  positive-int  $columns
     * @param  int  $first  tile that may be moved
     */
    public static function of(array $heights, array $chosen, int $columns, int $first): self
    {
        $order = new self($columns);
        for ($i = 0; $i < $first; $i++) {
            $order->add($chosen[$i], $heights[$i]);
        }
        $order->free = array_slice($heights, $first);

        return $order;
    }

    /** Whether the next tile may go into a column. */
    public function allows(int $column): bool
    {
        return $this->ends[$column] >= $this->floor - self::HAIR;
    }

    /**
     * @param  float  $height  px
     */
    public function add(int $column, float $height): void
    {
        $this->starts[] = $this->ends[$column];
        $this->ends[$column] += $height;
        $far = count($this->starts) - 1 - $this->reach;
        if ($far >= 0 && $this->starts[$far] > $this->floor) {
            $this->floor = $this->starts[$far];
        }
    }

    /**
     * Whether the order is readable with the tiles that may be moved in these columns.
     *
     * @param  array<int, int>  $chosen  the column of each tile
     */
    public function holds(array $chosen): bool
    {
        $ends = $this->ends;
        $starts = $this->starts;
        $floor = $this->floor - self::HAIR;
        $i = count($starts);
        $far = $i - $this->reach;
        foreach ($this->free as $height) {
            $column = $chosen[$i++];
            $start = $ends[$column];
            if ($start < $floor) {
                return false;
            }
            $starts[] = $start;
            $ends[$column] = $start + $height;
            if ($far >= 0 && $floor < $starts[$far] - self::HAIR) {
                $floor = $starts[$far] - self::HAIR;
            }
            $far++;
        }

        return true;
    }
}
