<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** The words a picture may have; whether it is decorative is told beside them. */
enum WordField: string
{
    case Title = 'title';
    case Caption = 'caption';

    /** Longer than a caption; shown in the viewer and on the picture's own page. */
    case Description = 'description';

    /** Stands in for the picture where it cannot be seen. */
    case Alt = 'alt';

    /** An address that goes with the picture. */
    case Link = 'link';

    /** Who is to be named. */
    case Credit = 'credit';

    /** Greatest number of characters. */
    public function longest(): int
    {
        return match ($this) {
            self::Title => 200,
            self::Caption, self::Alt => 1000,
            self::Description => 5000,
            self::Link => 2000,
            self::Credit => 300,
        };
    }

    public function label(): string
    {
        return $this === self::Alt ? 'alt text' : $this->value;
    }

    /** Whether a line break may be part of it. */
    public function hasLines(): bool
    {
        return in_array($this, [self::Caption, self::Description, self::Alt], true);
    }
}
