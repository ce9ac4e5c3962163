<?php

declare(strict_types=1);

namespace ZincPane\Core\Geometry;

use Countable;
use Generator;
use IteratorAggregate;

/**
 * The places of many tiles, in order.
 *
 * Kept as four lists of lines and not as a list of boxes: a thousand tiles in twenty bands are
 * twenty thousand places, whose lines are mostly shared; making an object of each costs more
 * than all of the arithmetic.
 *
 * @implements IteratorAggregate<int, Box>
 */
final readonly class Boxes implements Countable, IteratorAggregate
{
    /**
     * @param  list<Linear>  $lefts  as many as there are tiles, like the other three
     * @param  list<Linear>  $tops
     * @param  list<Linear>  $widths
     * @param  list<Linear>  $heights
     */
    public function __construct(
        public array $lefts,
        public array $tops,
        public array $widths,
        public array $heights,
    ) {
    }

    public function count(): int
    {
        return count($this->lefts);
    }

    /**
     * @param  int  $index  from 0, below the count
     */
    public function get(int $index): Box
    {
        return new Box($this->lefts[$index], $this->tops[$index], $this->widths[$index], $this->heights[$index]);
    }

    public function followedBy(self $more): self
    {
        return new self(
            [...$this->lefts, ...$more->lefts],
            [...$this->tops, ...$more->tops],
            [...$this->widths, ...$more->widths],
            [...$this->heights, ...$more->heights],
        );
    }

    /**
     * @return Generator<int, Box>
     */
    public function getIterator(): Generator
    {
        foreach (array_keys($this->lefts) as $index) {
            yield $index => $this->get($index);
        }
    }
}
