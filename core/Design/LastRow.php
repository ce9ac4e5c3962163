<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Labelled;

/** What becomes of a last row that has fewer tiles than there are columns. */
enum LastRow: string implements Labelled
{
    /** The tiles keep their size and stand at the start of the row. */
    case Start = 'start';

    /** The tiles keep their size and stand in the middle of the row. */
    case Centre = 'centre';

    /**
     * The tiles share the whole width and keep their shape; the row becomes at most one and a
     * half times as high as the others, from there on the tiles become wider only.
     */
    case Fill = 'fill';

    /** The tiles are shared out over all rows, which differ by at most one. */
    case Balance = 'balance';

    /** Whether the row keeps the size of its tiles, and leaves room at its end or its sides. */
    public function leavesRoom(): bool
    {
        return $this === self::Start || $this === self::Centre;
    }

    public function label(): string
    {
        return match ($this) {
            self::Start => 'Start',
            self::Centre => 'Centre',
            self::Fill => 'Fill',
            self::Balance => 'Balance',
        };
    }
}
