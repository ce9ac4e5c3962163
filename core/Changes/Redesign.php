<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Design\DesignWords;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;

/** Changes some settings of the design, the others stay. */
final readonly class Redesign implements Joining
{
    /**
     * @param  array<array-key, mixed>  $part  nested as GalleryDesign::toArray()
     */
    private function __construct(private array $part)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when there is no design
     */
    public static function parse(array $values): self
    {
        $part = $values['design'] ?? null;

        return new self(is_array($part) ? $part : throw ChangeException::notAGroup('design', $part));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        return $gallery->designed($gallery->design->with($this->part));
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return new self($before->design->differenceFrom($before->design->with($this->part)));
    }

    public function joinsLate(): bool
    {
        return false;
    }

    public function joinedTo(Change $earlier): ?Change
    {
        // Steps of one slider, say: each sets the very same settings.
        return $earlier instanceof self && $earlier->touches() === $this->touches() ? $this : null;
    }

    public function touches(): array
    {
        return self::paths('design', $this->part);
    }

    public function summary(GalleryDocument $before): string
    {
        return DesignWords::changed($before->design, $before->design->with($this->part));
    }

    public function toArray(): array
    {
        return ['kind' => 'design', 'design' => $this->part];
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return list<string>
     */
    private static function paths(string $prefix, array $part): array
    {
        $paths = [];
        foreach ($part as $key => $value) {
            $paths = [...$paths, ...(is_array($value) && ! array_is_list($value) ? self::paths("{$prefix}.{$key}", $value) : ["{$prefix}.{$key}"])];
        }

        return $paths;
    }
}
