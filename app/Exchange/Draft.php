<?php

declare(strict_types=1);

namespace App\Exchange;

use ZincPane\Core\Formats\GalleryFile;

/** What was understood of files that came together: a gallery that can be made of them. */
final readonly class Draft
{
    /**
     * @param  string  $from  what it was read from, in words
     * @param  list<DraftPicture>  $pictures  in their order
     * @param  list<string>  $absent  files that are named there and did not come
     * @param  list<string>  $left  pictures that came and are not named; they are left out
     * @param  ?GalleryFile  $file  all of it, where it is a gallery of another installation
     */
    public function __construct(public string $from, public string $title, public string $description, public array $pictures, public array $absent, public array $left = [], public ?GalleryFile $file = null)
    {
    }

    /**
     * @param  list<string>  $left
     */
    public function leaving(array $left): self
    {
        return new self($this->from, $this->title, $this->description, $this->pictures, $this->absent, $left, $this->file);
    }

    /**
     * For whoever decides whether it becomes a gallery.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'from' => $this->from, 'title' => $this->title, 'description' => $this->description,
            'pictures' => array_map(static fn (DraftPicture $picture): array => ['file' => $picture->file, 'title' => (string) ($picture->words['title'] ?? ''), 'caption' => (string) ($picture->words['caption'] ?? ''), 'alt' => (string) ($picture->words['alt'] ?? '')], $this->pictures),
            'absent' => $this->absent, 'left' => $this->left,
        ];
    }
}
