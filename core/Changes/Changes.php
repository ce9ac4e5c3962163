<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
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

        return $change instanceof AddItems ? throw ChangeException::unknownKind($values['kind'] ?? null, array_values(array_diff(array_keys(self::KINDS), ['add']))) : $change;
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
