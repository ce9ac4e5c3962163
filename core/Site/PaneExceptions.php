<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Design\ColumnRule;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Foreign;
use ZincPane\Core\Settings\SettingException;

/** What is otherwise in one place than in the gallery; all else follows the gallery. */
final readonly class PaneExceptions
{
    /** Settings of a design that a place may have of its own, by how their paths begin. */
    private const SETTINGS = ['layout.columns', 'layout.phone.', 'finish.', 'viewer.click.act'];

    /** Of them those that hold for the gallery wherever it stands: what it is called by. */
    private const NEVER = ['finish.own.id', 'finish.own.classes', 'finish.own.css'];

    /**
     * @param  array<array-key, mixed>  $design  the settings that are otherwise, nested as a design
     * @param  ?string  $album  the only one that is shown; null is all
     * @param  list<string>  $leftOut  identifiers of items
     */
    private function __construct(public array $design, public ?TileSize $tileSize, public ?string $album, public array $leftOut)
    {
    }

    public static function none(): self
    {
        return new self([], null, null, []);
    }

    /**
     * @param  mixed  $values  "design", "tile_size", "album", "left_out"; what is missing is as the gallery has it
     *
     * @throws SettingException when a key is unknown, or a value cannot be
     */
    public static function fromArray(mixed $values): self
    {
        $known = ['design', 'tile_size', 'album', 'left_out'];
        if (! is_array($values)) {
            throw SettingException::notAGroup('exceptions', $values);
        }
        foreach (array_diff(array_keys($values), $known) as $key) {
            throw SettingException::unknownKey('exceptions', (string) $key, $known);
        }
        $design = $values['design'] ?? [];
        $album = $values['album'] ?? null;
        $leftOut = $values['left_out'] ?? [];

        return new self(
            self::checked(is_array($design) ? $design : throw SettingException::notAGroup('exceptions.design', $design)),
            isset($values['tile_size']) ? TileSize::of($values['tile_size']) : null,
            $album === null || (is_string($album) && preg_match('/^[0-9a-z]{1,26}$/Di', $album) === 1) ? $album : throw SettingException::notOfForm('exceptions.album', $album, 'the identifier of an album, or nothing', 26),
            is_array($leftOut) && array_is_list($leftOut) && array_filter($leftOut, is_string(...)) === $leftOut ? $leftOut : throw SettingException::notOfForm('exceptions.left_out', $leftOut, 'a list of identifiers', 26),
        );
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    private static function checked(array $part): array
    {
        // Unknown settings and values out of their range are refused there.
        GalleryDesign::default()->with($part);
        foreach (array_keys(GalleryDesign::flat($part)) as $path) {
            $may = array_filter(self::SETTINGS, static fn (string $start): bool => str_starts_with($path, $start));
            if ($may === [] || in_array($path, self::NEVER, true)) {
                throw SettingException::unknownKey('exceptions.design', Foreign::word($path), array_map(static fn (string $start): string => rtrim($start, '.'), self::SETTINGS));
            }
        }

        return $part;
    }

    /**
     * @return array<string, mixed> only what is otherwise
     */
    public function toArray(): array
    {
        return array_filter([
            'design' => $this->design, 'tile_size' => $this->tileSize?->value, 'album' => $this->album, 'left_out' => $this->leftOut,
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    public function isNone(): bool
    {
        return $this->toArray() === [];
    }

    /** The gallery's design as it is in this place. */
    public function design(GalleryDesign $design): GalleryDesign
    {
        // A number of columns is a number, whatever the gallery goes by.
        $hasColumns = isset($this->design['layout']) && is_array($this->design['layout']) && isset($this->design['layout']['columns']);
        $own = $this->design === [] ? $design : $design->with($this->design);
        $own = $hasColumns ? $own->with(['layout' => ['column_rule' => ColumnRule::Count->value]]) : $own;

        return $this->tileSize === null ? $own : $this->tileSize->in($own);
    }

    /** The gallery as it is in this place. */
    public function in(FrozenGallery $gallery): FrozenGallery
    {
        if ($this->isNone()) {
            return $gallery;
        }
        $keys = array_map(FrozenGallery::keyOf(...), $this->leftOut);
        // An album that was taken away since leaves the gallery whole: an empty place helps nobody.
        $album = $gallery->albums->has((string) $this->album) ? $this->album : null;

        return $gallery->designed($this->design($gallery->design))->only(static fn (string $key, ?string $in): bool => ! in_array($key, $keys, true) && ($album === null || $in === $album));
    }
}
