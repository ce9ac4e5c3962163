<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Settings\SettingException;

/** One thing that two windows changed at the same time: what each of them wants. */
final readonly class Clash
{
    /**
     * @param  string  $path  as Change::touches() tells it
     * @param  string  $label  in words: "columns", "alt text"
     * @param  ?string  $item  whose it is
     * @param  string  $mine  what the change would make of it
     * @param  string  $theirs  what it is now
     */
    private function __construct(
        public string $path,
        public string $label,
        public ?string $item,
        public string $mine,
        public string $theirs,
    ) {
    }

    /**
     * What a change made on an older version has in common with what was done since. None means
     * that it may be made on the newest version as it is.
     *
     * @param  list<Change>  $since
     * @return list<self>
     */
    public static function between(Change $change, array $since, GalleryDocument $now): array
    {
        $theirs = self::withParents(array_merge(...array_map(static fn (Change $other): array => $other->touches(), $since)));
        $both = array_values(array_unique(array_filter($change->touches(), static fn (string $path): bool => self::touchesAny($path, $theirs))));
        try {
            $after = $change->appliedTo($now);
        } catch (ChangeException|SettingException) {
            $after = null;
        }

        $clashes = array_map(static fn (string $path): self => new self(
            $path,
            self::label($path),
            preg_match('/^(?:items|place)\.([^.]+)/', $path, $found) === 1 ? $found[1] : null,
            $after === null ? 'no longer possible' : self::shown($path, $after),
            self::shown($path, $now),
        ), $both);
        // A person is asked of what differs; of what looks the same either way, once.
        $telling = array_values(array_filter($clashes, static fn (self $clash): bool => $clash->mine !== $clash->theirs));

        return $telling === [] ? array_slice($clashes, 0, 1) : $telling;
    }

    /**
     * @param  list<string>  $paths
     * @return array<string, bool> true where it is one of the paths, false where one lies below it
     */
    private static function withParents(array $paths): array
    {
        $known = [];
        foreach ($paths as $path) {
            foreach (self::parents($path) as $parent) {
                $known[$parent] ??= false;
            }
            $known[$path] = true;
        }

        return $known;
    }

    /**
     * @param  array<string, bool>  $known
     */
    private static function touchesAny(string $path, array $known): bool
    {
        if (isset($known[$path])) {
            return true;
        }
        foreach (self::parents($path) as $parent) {
            if ($known[$parent] ?? false) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return list<string> "items" and "items.ID" of "items.ID.words"
     */
    private static function parents(string $path): array
    {
        $parts = explode('.', $path);
        $parents = [];
        for ($count = 1; $count < count($parts); $count++) {
            $parents[] = implode('.', array_slice($parts, 0, $count));
        }

        return $parents;
    }

    private static function label(string $path): string
    {
        $parts = explode('.', $path);
        $last = $parts[count($parts) - 1];

        return match (true) {
            $path === 'list' => 'which pictures there are',
            $path === 'place' => 'the order',
            $parts[0] === 'place' => 'its place',
            $parts[0] === 'albums' => 'the albums',
            $parts[0] === 'pictures' => 'how it is tidied',
            $parts[0] === 'design' => lcfirst(GalleryDesign::settings()[implode('.', array_slice($parts, 1))]->label ?? 'the design'),
            ($parts[2] ?? '') === 'words' => WordField::tryFrom($last)?->label() ?? $last,
            default => str_replace('_', ' ', $last),
        };
    }

    private static function shown(string $path, GalleryDocument $gallery): string
    {
        $parts = explode('.', $path);

        return match ($parts[0]) {
            'about' => self::value($gallery->about->toArray()[$parts[1] ?? ''] ?? null),
            'design' => self::ofDesign(implode('.', array_slice($parts, 1)), $gallery),
            'items' => self::ofItem($parts, $gallery),
            'albums' => count($gallery->albums->list).' albums',
            'pictures' => self::ofPicture($parts[1] ?? '', $parts[2] ?? '', $gallery),
            'place' => self::place($parts[1] ?? null, $gallery),
            default => count($gallery->items).' pictures',
        };
    }

    /**
     * @param  non-empty-list<string>  $parts
     */
    private static function ofItem(array $parts, GalleryDocument $gallery): string
    {
        $place = $gallery->places()[$parts[1] ?? ''] ?? null;
        if ($place === null) {
            return 'taken out';
        }
        $item = $gallery->items[$place];

        return match ($parts[2] ?? '') {
            'words' => self::value($item->words->toArray()[$parts[3] ?? ''] ?? null),
            'hidden' => $item->hidden ? 'hidden' : 'shown',
            'click' => $item->click === null ? 'as the gallery' : lcfirst($item->click->label()),
            'large' => $item->large ? 'large' : 'as large as the others',
            'album' => $gallery->albums->nameOf($item->album) ?? 'in no album',
            'text' => $item->text ?? '',
            default => 'in the gallery',
        };
    }

    private static function ofPicture(string $picture, string $key, GalleryDocument $gallery): string
    {
        $tidied = $gallery->tidied[$picture] ?? null;

        return match (true) {
            $tidied === null => 'as it was',
            $key === 'focal' => round(100 * $tidied->focal->x).' % from the left, '.round(100 * $tidied->focal->y).' % from the top',
            default => "{$key} ".self::value($tidied->recipe->toArray()[$key] ?? 'none'),
        };
    }

    private static function ofDesign(string $path, GalleryDocument $gallery): string
    {
        $setting = GalleryDesign::settings()[$path] ?? null;

        return $setting === null ? 'another design' : $setting->kind->says($gallery->design->values()[$path]);
    }

    private static function place(?string $item, GalleryDocument $gallery): string
    {
        $place = $item === null ? null : $gallery->places()[$item] ?? null;

        return match (true) {
            $item === null => 'another order',
            $place === null && $item !== Move::END => 'taken out',
            $place === null => 'at the end',
            default => 'number '.($place + 1),
        };
    }

    private static function value(mixed $value): string
    {
        return match (true) {
            $value === null => 'the picture’s own',
            $value === '' => 'nothing',
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            default => (string) json_encode($value, JSON_UNESCAPED_UNICODE),
        };
    }
}
