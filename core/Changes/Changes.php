<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Settings\SettingException;

/** Reads changes from what a browser sent or the journal holds. */
final class Changes
{
    /** Greatest number of identifiers in one change. */
    public const MOST = 10_000;

    private const KINDS = [
        'about' => ChangeAbout::class,
        'design' => Redesign::class,
        'words' => Reword::class,
        'move' => Move::class,
        'order' => Reorder::class,
        'add' => AddItems::class,
        'remove' => RemoveItems::class,
        'hide' => FlagItems::class,
        'large' => FlagItems::class,
        'click' => Clicks::class,
        'albums' => ArrangeAlbums::class,
        'text' => Rewrite::class,
        'tidy' => Tidy::class,
        'together' => Together::class,
    ];

    /**
     * @param  array<array-key, mixed>  $values  with "kind" and what the kind needs
     *
     * @throws ChangeException when the kind is unknown or something of it is missing or cannot be
     * @throws SettingException when a setting of a design cannot be
     */
    public static function parse(array $values): Change
    {
        $kind = $values['kind'] ?? null;
        $class = is_string($kind) ? self::KINDS[$kind] ?? null : null;
        if ($class === null) {
            throw ChangeException::unknownKind($kind, array_keys(self::KINDS));
        }

        return $class::parse($values);
    }

    /**
     * One that a person asks for: items are put in by ways of their own.
     *
     * @param  array<array-key, mixed>  $values  with "kind" and what the kind needs
     *
     * @throws ChangeException when the kind is unknown or something of it is missing or cannot be
     * @throws SettingException when a setting of a design cannot be
     */
    public static function asked(array $values): Change
    {
        $change = self::parse($values);

        return $change instanceof AddItems || $change instanceof Together ? throw ChangeException::unknownKind($values['kind'] ?? null, array_values(array_diff(array_keys(self::KINDS), ['add', 'together']))) : $change;
    }

    /**
     * The same change for a gallery that lacks some of the items that it speaks of: their pictures were deleted for
     * good since. All else of it stays; where that is nothing, it changes nothing.
     */
    public static function fitting(Change $change, GalleryDocument $gallery): Change
    {
        $values = $change->toArray();
        $there = $gallery->places();
        $isThere = static fn (mixed $id): bool => is_string($id) && isset($there[$id]);
        foreach (['words', 'of'] as $map) {
            if (is_array($values[$map] ?? null)) {
                $values[$map] = array_filter($values[$map], $isThere, ARRAY_FILTER_USE_KEY);
            }
        }
        if (is_array($values['items'] ?? null)) {
            $values['items'] = array_values(array_filter($values['items'], static fn (mixed $item): bool => is_array($item) ? ! $isThere($item['id'] ?? null) : $isThere($item)));
        }
        if ($change instanceof Reorder && is_array($values['items'])) {
            // What it does not know of stays behind.
            $values['items'] = [...$values['items'], ...array_keys(array_diff_key($there, array_flip(array_filter($values['items'], is_string(...)))))];
        }
        if ($change instanceof Move && ! $isThere($values['before'])) {
            $values['before'] = null;
        }

        if ($change instanceof Tidy && $gallery->tidied !== [] && is_array($values['pictures'])) {
            $values['pictures'] = array_intersect_key($values['pictures'], $gallery->tidied);
        }

        // Of words and texts of items that are gone nothing is left.
        $isNothing = ($values['words'] ?? null) === [] || ($change instanceof Tidy && $values['pictures'] === []) || ($change instanceof Rewrite && ! $isThere($values['item']));

        return match (true) {
            $isNothing => Together::of([], $change->summary($gallery)),
            $values === $change->toArray() => $change,
            default => self::parse($values),
        };
    }

    /**
     * A list of identifiers under a key.
     *
     * @param  array<array-key, mixed>  $values
     * @return list<string>
     *
     * @throws ChangeException when it is not a list of texts
     *
     * @internal
     */
    public static function identifiers(array $values, string $key): array
    {
        $list = $values[$key] ?? null;
        if (! is_array($list) || ! array_is_list($list)) {
            throw ChangeException::notAList($key, $list);
        }
        if (count($list) > self::MOST) {
            throw ChangeException::tooMany($key, count($list), self::MOST);
        }
        $identifiers = [];
        foreach ($list as $identifier) {
            $identifiers[] = is_string($identifier) ? $identifier : throw ChangeException::notAList($key, $identifier);
        }

        return $identifiers;
    }
}
