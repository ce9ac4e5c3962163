<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

/** Makes, names, orders and shows albums, and says which items are in which. */
final readonly class ArrangeAlbums implements Change
{
    /**
     * @param  ?Albums  $albums  null leaves them as they are
     * @param  array<string, ?string>  $of  albums by item; null is in none
     */
    private function __construct(private ?Albums $albums, private array $of)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when something is no album, or an item is put into what is none
     */
    public static function parse(array $values): self
    {
        $given = $values['albums'] ?? null;
        $albums = $given === null ? null : Albums::parse(is_array($given) ? $given['list'] ?? null : $given, is_array($given) ? $given['view'] ?? null : null);
        $of = [];
        foreach (is_array($values['of'] ?? null) ? $values['of'] : [] as $item => $album) {
            $of[(string) $item] = $album === null || is_string($album) ? $album : throw ChangeException::notAnAlbum($album);
        }
        if ($albums === null && ! is_array($values['of'] ?? null)) {
            throw ChangeException::notAGroup('albums', $given);
        }

        return new self($albums, $of);
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        $albums = $this->albums ?? $gallery->albums;
        $changed = [];
        foreach ($gallery->items($this->items()) as $id => $item) {
            $album = $this->of[$id];
            $changed[$id] = $item->inAlbum($album === null || $albums->has($album) ? $album : throw ChangeException::noSuchAlbum($album));
        }
        // What was in an album that is gone is in none.
        foreach ($gallery->items as $item) {
            if (! isset($changed[$item->id]) && $item->album !== null && ! $albums->has($item->album)) {
                $changed[$item->id] = $item->inAlbum(null);
            }
        }

        return $gallery->inAlbums($albums)->replacing($changed);
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        $of = [];
        $after = $this->appliedTo($before);
        foreach ($before->items as $place => $item) {
            if ($item->album !== $after->items[$place]->album) {
                $of[$item->id] = $item->album;
            }
        }

        return new self($this->albums === null ? null : $before->albums, $of);
    }

    public function touches(): array
    {
        return [
            ...($this->albums === null ? [] : ['albums']),
            ...array_map(static fn (string $item): string => "items.{$item}.album", $this->items()),
            // Whoever changes the albums themselves may take one away that is meant here.
            ...array_map(static fn (string $item): string => "albums.{$item}", $this->items()),
        ];
    }

    public function summary(GalleryDocument $before): string
    {
        return match (true) {
            $this->albums !== null => 'changed the albums',
            count($this->of) === 1 => 'put a picture into another album',
            default => 'put '.count($this->of).' pictures into another album',
        };
    }

    public function toArray(): array
    {
        return ['kind' => 'albums', ...($this->albums === null ? [] : ['albums' => $this->albums->toArray()]), 'of' => $this->of];
    }

    /**
     * @return list<string>
     */
    private function items(): array
    {
        return array_map(strval(...), array_keys($this->of));
    }
}
