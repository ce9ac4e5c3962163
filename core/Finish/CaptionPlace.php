<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** Where the words of a picture stand. */
enum CaptionPlace: string implements Labelled
{
    case None = 'none';

    /** Under the picture, in lines that are kept for them. */
    case Below = 'below';

    /** On the picture, always. */
    case Over = 'over';

    /** On the picture while it is pointed at or focused; always where nothing can point. */
    case Pointed = 'pointed';

    public function label(): string
    {
        return match ($this) {
            self::None => 'None',
            self::Below => 'Below',
            self::Over => 'Over it',
            self::Pointed => 'Pointed at',
        };
    }
}
