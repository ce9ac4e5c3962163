<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;

/** Changes what the gallery says of itself. */
final readonly class ChangeAbout implements Change
{
    /**
     * @param  array<string, mixed>  $part  some of About::toArray()
     */
    private function __construct(private array $part)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when there is nothing to change, or something that cannot be
     */
    public static function parse(array $values): self
    {
        $part = $values['about'] ?? null;
        if (! is_array($part) || $part === []) {
            throw ChangeException::notAGroup('about', $part);
        }
        $clean = About::titled('-')->with($part)->toArray();

        return new self(array_intersect_key($clean, $part));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        return $gallery->saying($gallery->about->with($this->part));
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return new self(array_intersect_key($before->about->toArray(), $this->part));
    }

    public function touches(): array
    {
        return array_map(static fn (string $key): string => "about.{$key}", array_keys($this->part));
    }

    public function summary(GalleryDocument $before): string
    {
        return match (array_key_first($this->part)) {
            'title' => 'renamed the gallery',
            'description' => 'changed the description of the gallery',
            default => 'changed what is shown above the pictures',
        };
    }

    public function toArray(): array
    {
        return ['kind' => 'about', 'about' => $this->part];
    }
}
