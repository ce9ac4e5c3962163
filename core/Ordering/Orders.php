<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

use ZincPane\Core\Settings\SettingException;

/** The orders there are, by the names that the API has for them. */
final class Orders
{
    public const NAMES = ['time', 'name', 'colour', 'shuffle', 'reverse', 'alternate', 'apart'];

    /**
     * @param  int  $seed  of a shuffle
     *
     * @throws SettingException when there is no such order
     */
    public static function of(mixed $name, int $seed): Order
    {
        return match ($name) {
            'time' => new ByCaptureTime,
            'name' => new ByName,
            'colour' => new ColourFlow,
            'shuffle' => new Shuffled($seed),
            'reverse' => new Reversed,
            'alternate' => new AlternatedShapes,
            'apart' => new LookAlikesApart,
            default => throw SettingException::notAmong('by', $name, self::NAMES),
        };
    }
}
