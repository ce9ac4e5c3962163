<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Settings\Labelled;

/** Where a gallery stands that is narrower than the content; told by the direction of the page's text. */
enum PaneSide: string implements Labelled
{
    case Start = 'start';

    case Middle = 'middle';

    case End = 'end';

    public function label(): string
    {
        return $this->labelIn(false);
    }

    /**
     * @param  bool  $isRightToLeft  whether lines of the page run from right to left
     */
    public function labelIn(bool $isRightToLeft): string
    {
        return match ($this) {
            self::Start => $isRightToLeft ? 'Right' : 'Left',
            self::Middle => 'Middle',
            self::End => $isRightToLeft ? 'Left' : 'Right',
        };
    }
}
