<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Kinds\Text;
use ZincPane\Core\Settings\Setting;

/** What comes after a picture, and before it. */
final readonly class Turning
{
    /** Most characters of the name of a sequence. */
    private const LONGEST = 40;

    /**
     * @param  bool  $apart  an album is a sequence of its own
     * @param  string  $sequence  galleries and pictures of a page that bear the same name follow one another; empty for none
     */
    private function __construct(
        #[Setting('After the last picture', new Choice(AtEnd::class), 'again', 'Order and sequence')]
        public AtEnd $atEnd,
        #[Setting('Each album by itself', new Flag, false, 'Order and sequence', null, 'albums apart')]
        public bool $apart,
        #[Setting('One sequence with all of the name', new Text('^[a-z0-9][a-z0-9-]*$', 'small letters, digits and hyphens; galleries of a page with the same name are turned through as one', self::LONGEST), '', 'Order and sequence', null, '+sequence {}')]
        public string $sequence,
    ) {
    }
}
