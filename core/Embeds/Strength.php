<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** How much an editor throws away of what is pasted into it. */
enum Strength: string
{
    /** Scripts and style elements go. */
    case Mild = 'mild';

    /** So do frames, classes and styles of elements. */
    case Firm = 'firm';

    /** Nothing stays but words, lists, links and pictures. */
    case Strict = 'strict';

    public function label(): string
    {
        return match ($this) {
            self::Mild => 'Mild',
            self::Firm => 'Firm',
            self::Strict => 'Strict',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Mild => 'keeps frames, classes and styles of elements; scripts and style sheets go',
            self::Firm => 'keeps headings, tables, pictures with their size, links; no classes, no styles, no frames',
            self::Strict => 'keeps words, lists, links and pictures, and no sizes',
        };
    }
}
