<?php

declare(strict_types=1);

namespace App\Proofing;

use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Snags\Inspected;

/** A gallery drawn small from top to bottom, so that one can point at what is meant. */
final class SnagPlaces
{
    /**
     * @param  array<string, Shown>  $shown  what is drawn of each item
     * @return array<string, mixed> places in px, and whose each is
     */
    public static function of(Inspected $gallery, array $shown, bool $onPhone): array
    {
        $now = $gallery->now();
        $inner = (int) ($onPhone ? $now->innerOnPhone : $now->inner);
        $tiles = $items = [];
        $height = 1.0;
        foreach ($onPhone ? $now->onPhone : $now->onWide as $part) {
            $own = array_map(static fn (int $place): Item => $gallery->drawn[$place], $part->places);
            $height = max($height, $part->top + $part->band->height->at($inner));
            $tiles[] = Miniature::tiles($part->band, array_map(static fn (Item $item): Shown => $shown[$item->id], $own), $now->layout->objectFitInForce(), PHP_INT_MAX, PHP_INT_MAX, $part->top, $inner);
            $items[] = array_map(static fn (Item $item): string => $item->id, $own);
        }

        return ['width' => $inner, 'height' => (int) ceil($height), 'tiles' => array_merge([], ...$tiles), 'items' => array_merge([], ...$items)];
    }
}
