<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Labelled;

/** Where the words of a picture stand in the large view. */
enum WordsPlace: string implements Labelled
{
    case Below = 'below';

    /** Beside it where the window is wide enough, else below. */
    case Beside = 'beside';

    /** On the lower edge of the picture's room. */
    case Over = 'over';

    /** Behind a button, until they are asked for. */
    case Asked = 'asked';

    public function label(): string
    {
        return match ($this) {
            self::Below => 'Below',
            self::Beside => 'Beside',
            self::Over => 'Over it',
            self::Asked => 'When asked for',
        };
    }
}
