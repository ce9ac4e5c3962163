<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;

/** Gives the gallery another title. */
final readonly class Rename implements Change
{
    /** Greatest number of characters of a gallery's title. */
    public const LONGEST = 120;

    private function __construct(private string $title)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws ChangeException when there is no title, or one that is too long
     */
    public static function parse(array $values): self
    {
        $title = $values['title'] ?? null;
        if (! is_string($title)) {
            throw ChangeException::notText('title', $title);
        }

        return self::to($title);
    }

    /**
     * @throws ChangeException when the title is empty or too long
     */
    public static function to(string $title): self
    {
        $title = trim((string) preg_replace('/[\p{C}\s]+/u', ' ', mb_scrub($title, 'UTF-8')));
        if ($title === '') {
            throw ChangeException::emptyTitle();
        }
        if (mb_strlen($title) > self::LONGEST) {
            throw ChangeException::tooLong('title', mb_strlen($title), self::LONGEST);
        }

        return new self($title);
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        return $gallery->titled($this->title);
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return new self($before->title);
    }

    public function summary(): string
    {
        return 'renamed the gallery';
    }

    public function toArray(): array
    {
        return ['kind' => 'rename', 'title' => $this->title];
    }
}
