<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

/** A way to order pictures. What it does not tell apart stays in the order it had. */
interface Order
{
    /**
     * @param  list<Orderable>  $items
     * @return list<int> the places they had, from 0, in the new order
     */
    public function arrange(array $items): array;

    /** What was done, in words that follow "You": "ordered the pictures by name". */
    public function summary(): string;
}
