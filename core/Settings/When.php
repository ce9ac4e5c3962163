<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

use BackedEnum;

/** When a setting is in force: other settings must have one of some values. */
final readonly class When
{
    /** In place of a value: any number above 0. */
    public const MORE_THAN_NONE = '> 0';

    /** @var array<string, list<string|int|bool|null>> by path in the design */
    private array $any;

    /**
     * @param  array<string, list<BackedEnum|string|int|bool|null>>  $any  by path in the design ("layout.kind"), the values of which it must have one
     */
    public function __construct(array $any)
    {
        $this->any = array_map(
            static fn (array $values): array => array_map(static fn (BackedEnum|string|int|bool|null $value): string|int|bool|null => $value instanceof BackedEnum ? $value->value : $value, $values),
            $any,
        );
    }

    /**
     * @param  array<string, string|int|float|bool|null>  $values  of the whole design, by path
     */
    public function holds(array $values): bool
    {
        foreach ($this->any as $path => $wanted) {
            $value = $values[$path] ?? null;
            if (! in_array($value, $wanted, true) && ! (in_array(self::MORE_THAN_NONE, $wanted, true) && $value > 0)) {
                return false;
            }
        }

        return true;
    }
}
