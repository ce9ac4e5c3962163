<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Settings\SettingException;

/** One act of a person on a gallery, which knows how to undo itself. */
interface Change
{
    /**
     * @throws ChangeException when the gallery has not what the change speaks of
     * @throws SettingException when a setting of the design cannot be
     */
    public function appliedTo(GalleryDocument $gallery): GalleryDocument;

    /**
     * The change that leads back; told from the gallery before this one was applied.
     *
     * @throws ChangeException when the gallery has not what the change speaks of
     */
    public function inverseFor(GalleryDocument $before): self;

    /**
     * What it changes, as paths: "design.layout.columns", "items.ID.words.alt", "place.ID", "list"
     * (which items there are). Two changes that touch nothing in common may follow one another in
     * either order.
     *
     * @return list<string>
     */
    public function touches(): array;

    /** What was done, told from the gallery before: "moved a picture", "gap 8 px to 14 px". */
    public function summary(GalleryDocument $before): string;

    /**
     * @return array<string, mixed> as Changes::parse() reads it
     */
    public function toArray(): array;
}
