<?php

declare(strict_types=1);

namespace ZincPane\Core\Ordering;

use ZincPane\Core\Settings\SettingException;

/** The orders there are, by the names that the API has for them. */
final class Orders
{
    /** What each is called, in the order one would look for it. */
    public const LABELS = [
        'time' => 'Capture time', 'name' => 'Name', 'colour' => 'Colour flow', 'alternate' => 'Landscape and portrait in turn',
        'apart' => 'Look-alikes apart', 'reverse' => 'Reversed', 'shuffle' => 'Shuffled',
    ];

    /** Seeds of a shuffle that are made up are below this, so that one can say them aloud. */
    public const SEEDS = 10_000;

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
            default => throw SettingException::notAmong('by', $name, array_keys(self::LABELS)),
        };
    }
}
