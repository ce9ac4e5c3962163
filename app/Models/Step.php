<?php

declare(strict_types=1);

namespace App\Models;

use ZincPane\Core\Gallery\Item;

/** What was just written of a gallery: enough to answer with no more than that. */
final readonly class Step
{
    /**
     * @param  int  $from  the version before
     * @param  list<Item>  $before  the items before
     * @param  list<string>  $changed  items that are new or other than before
     * @param  bool  $isRearranged  others are there, or they stand elsewhere
     */
    public function __construct(public int $from, public array $before, public array $changed, public bool $isRearranged)
    {
    }
}
