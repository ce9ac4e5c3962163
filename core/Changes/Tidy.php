<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Tidying\Tidied;

/** Tidies pictures of the gallery: each as it is said of it, the rest of its recipe stays. Every place that shows them follows. */
final readonly class Tidy implements Joining
{
    /**
     * @param  array<string, array<string, mixed>>  $pictures  by picture what changes, as Tidied::with() reads it
     */
    private function __construct(private array $pictures)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when it is not said of pictures
     */
    public static function parse(array $values): self
    {
        $pictures = $values['pictures'] ?? null;
        if (! is_array($pictures) || $pictures === []) {
            throw ChangeException::notAGroup('pictures', $pictures);
        }
        $clean = [];
        foreach ($pictures as $id => $part) {
            $clean[(string) $id] = [];
            foreach (is_array($part) && $part !== [] ? $part : throw ChangeException::notAGroup('pictures', $part) as $key => $value) {
                $clean[(string) $id][(string) $key] = $value;
            }
        }

        return new self($clean);
    }

    /**
     * @return list<string> the pictures that it speaks of
     */
    public function pictures(): array
    {
        return array_map(strval(...), array_keys($this->pictures));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        $tidied = $gallery->tidied;
        foreach ($this->pictures as $id => $part) {
            $tidied[$id] = ($tidied[$id] ?? throw ChangeException::unknownPicture((string) $id))->with($part);
        }

        return $gallery->tidiedAs($tidied);
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return new self(array_map(static fn (Tidied $tidied): array => $tidied->toArray(), array_intersect_key($before->tidied, $this->pictures)));
    }

    public function joinsLate(): bool
    {
        return false;
    }

    public function joinedTo(Change $earlier): ?Change
    {
        // Steps of one control: each sets the very same of the very same pictures.
        return $earlier instanceof self && $earlier->touches() === $this->touches() ? $this : null;
    }

    public function touches(): array
    {
        $touches = [];
        foreach ($this->pictures as $id => $part) {
            // A point told on the picture as it is seen means another place once that is turned or cropped otherwise.
            $part += isset($part['focal']) ? array_fill_keys(['turn', 'straighten', 'crop'], null) : [];
            foreach (array_keys($part) as $key) {
                $touches[] = "pictures.{$id}.".(in_array($key, ['point', 'chosen'], true) ? 'focal' : $key);
            }
        }

        return array_values(array_unique($touches));
    }

    public function summary(GalleryDocument $before): string
    {
        $keys = array_keys(array_merge(...array_values($this->pictures)));
        $count = count($this->pictures) === 1 ? 'a picture' : count($this->pictures).' pictures';

        return array_diff($keys, ['focal', 'point', 'chosen']) === [] ? "moved the focal point of {$count}" : "tidied {$count}";
    }

    public function toArray(): array
    {
        return ['kind' => 'tidy', 'pictures' => $this->pictures];
    }
}
