<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

use Attribute;

/**
 * One setting, told where its property stands. All that checks it, stores it, sets it, types it and
 * speaks of it in the history reads this and nothing else.
 */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class Setting
{
    /** At the head of a brief: only where the value is another than at first. */
    public const IF_OTHER = '+';

    /**
     * @param  string  $label  on its control, and at the head of its sentence in the history: "Gap"
     * @param  string|int|float|bool|null  $default  as it is stored
     * @param  string  $under  heading of the controls it stands with
     * @param  ?When  $when  it is in force; null for always
     * @param  string  $brief  how the heading tells it, with {} for the value: "gap {}"; empty leaves it out, "+gap {}" leaves it out where the value is the one it has at first
     */
    public function __construct(
        public string $label,
        public Kind $kind,
        public string|int|float|bool|null $default,
        public string $under,
        public ?When $when = null,
        public string $brief = '{}',
    ) {
    }
}
