<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

use InvalidArgumentException;
use ZincPane\Core\Foreign;

/** A change that cannot be made: says which field, what came, and what would be allowed. */
final class ChangeException extends InvalidArgumentException
{
    private function __construct(
        public readonly string $field,
        public readonly string $allowed,
        string $message,
    ) {
        parent::__construct($message);
    }

    /**
     * @param  list<string>  $known
     */
    public static function unknownKind(mixed $given, array $known): self
    {
        $allowed = 'one of '.implode(', ', $known);

        return new self('kind', $allowed, "kind takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    /**
     * @param  list<string>  $known
     */
    public static function unknownWord(string $given, array $known): self
    {
        $allowed = 'the fields '.implode(', ', $known);

        return new self('words.'.Foreign::word($given), $allowed, Foreign::shown($given)." is no word of a picture; there are {$allowed}.");
    }

    public static function notText(string $field, mixed $given): self
    {
        return new self($field, 'text', "{$field} takes text, got ".Foreign::shown($given).'.');
    }

    public static function notAFlag(string $field, mixed $given): self
    {
        return new self($field, 'true or false', "{$field} takes true or false, got ".Foreign::shown($given).'.');
    }

    /**
     * @param  list<string>  $known
     */
    public static function unknownAbout(string $given, array $known): self
    {
        $allowed = 'the keys '.implode(', ', $known);

        return new self('about.'.Foreign::word($given), $allowed, Foreign::shown($given)." is nothing a gallery says of itself; there are {$allowed}.");
    }

    /**
     * @param  list<string>  $known
     */
    public static function notAmong(string $field, mixed $given, array $known): self
    {
        $allowed = 'one of '.implode(', ', $known).', or nothing';

        return new self($field, $allowed, "{$field} takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function notAnItem(mixed $given): self
    {
        return new self('items', 'items with an id and either a picture or a text', 'items takes items with an id and either a picture or a text, got '.Foreign::shown($given).'.');
    }

    public static function notATextItem(string $given): self
    {
        return new self('item', 'a text of this gallery', Foreign::shown($given).' is a picture, not a text.');
    }

    public static function notAnAlbum(mixed $given): self
    {
        return new self('albums', 'albums with an id of letters and digits and a name', 'albums takes albums with an id of letters and digits and a name, got '.Foreign::shown($given).'.');
    }

    public static function albumName(string $given, int $longest): self
    {
        $allowed = "a name of 1 to {$longest} characters";

        return new self('albums.name', $allowed, "An album takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function tooManyAlbums(int $given, int $most): self
    {
        return new self('albums', "at most {$most} albums", "A gallery has at most {$most} albums, got {$given}.");
    }

    public static function albumTwice(): self
    {
        return new self('albums', 'every album once', 'Two albums have the same id.');
    }

    public static function noSuchAlbum(string $given): self
    {
        return new self('albums', 'an album of this gallery', Foreign::shown($given).' is no album of this gallery; it may have been removed in another window.');
    }

    /**
     * @param  list<string>  $known
     */
    public static function unknownView(mixed $given, array $known): self
    {
        $allowed = 'one of '.implode(', ', $known);

        return new self('albums.view', $allowed, "albums.view takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function notAnAddress(string $given): self
    {
        $allowed = 'an address that begins with https://, http://, mailto:, / or #';

        return new self('words.link', $allowed, "words.link takes {$allowed}, got ".Foreign::shown($given).'.');
    }

    public static function tooLong(string $field, int $length, int $longest): self
    {
        $allowed = "at most {$longest} characters";

        return new self($field, $allowed, "{$field} takes {$allowed}, got {$length}. Shorten it.");
    }

    public static function emptyTitle(): self
    {
        return new self('title', 'some text', 'title takes some text; a gallery needs a name to be found by.');
    }

    public static function notAGroup(string $field, mixed $given): self
    {
        return new self($field, 'a group of settings', "{$field} takes a group of settings, got ".Foreign::shown($given).'.');
    }

    public static function notAList(string $field, mixed $given): self
    {
        return new self($field, 'a list of identifiers', "{$field} takes a list of identifiers, got ".Foreign::shown($given).'.');
    }

    public static function unknownItem(mixed $given): self
    {
        return new self('items', 'identifiers of this gallery\'s items', Foreign::shown($given).' is not in this gallery; it may have been taken out in another window.');
    }

    public static function unknownPicture(string $given): self
    {
        return new self('pictures', 'pictures of this gallery', Foreign::shown($given).' is no picture of this gallery; it may have been taken out in another window.');
    }

    public static function tooMany(string $field, int $given, int $most): self
    {
        return new self($field, "at most {$most}", "{$field} takes at most {$most} identifiers, got {$given}. Do it in several steps.");
    }

    public static function takenItem(string $given): self
    {
        return new self('items', 'identifiers not yet in this gallery', Foreign::shown($given).' is already in this gallery.');
    }

    public static function picturesGone(int $count): self
    {
        return new self('items', 'pictures of the store', ($count === 1 ? 'A picture' : "{$count} pictures").' of this step were deleted from the store for good, so that it cannot be done.');
    }

    public static function notTheSameItems(): self
    {
        return new self('items', 'every item of the gallery once', 'items takes every item of the gallery once.');
    }
}
