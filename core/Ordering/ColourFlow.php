<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

use ZincPane\Core\Ordering\Internal\ShortPath;

/** Each picture next to those whose main colour is near: a short path through OKLab, the light end first. */
final readonly class ColourFlow implements Order
{
    public function arrange(array $items): array
    {
        $path = (new ShortPath(array_map(static fn (Orderable $item): array => [$item->colour->l, $item->colour->a, $item->colour->b], $items)))->find();
        $last = count($path) - 1;
        $isDarkFirst = $last > 0 && $items[$path[0]]->colour->l < $items[$path[$last]]->colour->l;

        return $isDarkFirst ? array_reverse($path) : $path;
    }

    public function summary(): string
    {
        return 'ordered the pictures by colour';
    }
}
