<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** The albums of a gallery in their order, and how they are shown. */
final readonly class Albums
{
    /** Greatest number of albums in a gallery. */
    public const MOST = 40;

    /**
     * @param  list<Album>  $list
     */
    private function __construct(public array $list, public AlbumView $view)
    {
    }

    public static function none(): self
    {
        return new self([], AlbumView::Headings);
    }

    /**
     * @throws ChangeException when something is no album, one has the identifier of another, or there are too many
     */
    public static function parse(mixed $list, mixed $view): self
    {
        if (! is_array($list) || ! array_is_list($list)) {
            throw ChangeException::notAList('albums', $list);
        }
        if (count($list) > self::MOST) {
            throw ChangeException::tooManyAlbums(count($list), self::MOST);
        }
        $albums = array_map(Album::parse(...), $list);
        if (count(array_unique(array_map(static fn (Album $album): string => $album->id, $albums))) < count($albums)) {
            throw ChangeException::albumTwice();
        }
        $shown = is_string($view) ? AlbumView::tryFrom($view) : null;

        return new self($albums, $shown ?? throw ChangeException::unknownView($view, array_map(static fn (AlbumView $case): string => $case->value, AlbumView::cases())));
    }

    public function has(string $id): bool
    {
        return $this->nameOf($id) !== null;
    }

    public function nameOf(?string $id): ?string
    {
        foreach ($this->list as $album) {
            if ($album->id === $id) {
                return $album->name;
            }
        }

        return null;
    }

    /**
     * @return array{list: list<array{id: string, name: string}>, view: string}
     */
    public function toArray(): array
    {
        return ['list' => array_map(static fn (Album $album): array => $album->toArray(), $this->list), 'view' => $this->view->value];
    }
}
