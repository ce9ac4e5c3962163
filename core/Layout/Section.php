<?php

declare(strict_types=1);

namespace ZincPane\Core\Layout;

/** A run of tiles that is arranged by itself: a gallery, one of its albums, or a page of it. */
final readonly class Section
{
    /**
     * @param  ?string  $name  of the album; null for a gallery without albums, or what is in none
     * @param  list<int>  $places  which of the gallery's items are in it, from 0
     * @param  ?int  $page  from 1, where a gallery is shown page by page
     */
    public function __construct(public ?string $name, public array $places, public Arrangement $arrangement, public ?int $page = null)
    {
    }

    /**
     * @template T
     *
     * @param  list<T>  $items  of the whole gallery
     * @return list<T> those of the section
     */
    public function of(array $items): array
    {
        return array_map(static fn (int $place): mixed => $items[$place], $this->places);
    }
}
