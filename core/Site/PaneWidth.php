<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Settings\Labelled;

/** How wide a gallery stands on a page. */
enum PaneWidth: string implements Labelled
{
    /** Half the content, with text beside it; whole on phones. */
    case Half = 'half';

    /** As wide as a line of text. */
    case Text = 'text';

    /** As wide as the content. */
    case Wide = 'wide';

    /** From one edge of the window to the other. */
    case Edges = 'edges';

    /** So many px, and never more than the content. */
    case Px = 'px';

    public function label(): string
    {
        return match ($this) {
            self::Half => 'Half',
            self::Text => 'Text',
            self::Wide => 'Wide',
            self::Edges => 'Edges',
            self::Px => 'In px',
        };
    }

    /** Whether it may leave room at its sides, so that it matters where it stands. */
    public function hasSides(): bool
    {
        return $this !== self::Wide && $this !== self::Edges;
    }
}
