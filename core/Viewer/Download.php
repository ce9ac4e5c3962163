<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Labelled;

/** What visitors may take with them. */
enum Download: string implements Labelled
{
    case None = 'none';
    case Large = 'large';

    /** Every pixel and fact but where it was taken. */
    case Stripped = 'stripped';
    case Original = 'original';

    public function label(): string
    {
        return match ($this) {
            self::None => 'Nothing',
            self::Large => 'A large picture',
            self::Stripped => 'The original without its place',
            self::Original => 'The original as it is',
        };
    }

    /** Whether the file that came in is given, or what is cut from it alone. */
    public function isOriginal(): bool
    {
        return $this === self::Stripped || $this === self::Original;
    }

    /** What its file is called among those of a picture, before the ending. */
    public function fileStem(): string
    {
        return $this === self::Stripped ? 'without-place' : 'original';
    }
}
