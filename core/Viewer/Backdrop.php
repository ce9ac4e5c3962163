<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Colour;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;

/** What is behind a picture that is seen large. */
final readonly class Backdrop
{
    /**
     * @param  int  $opacity  per cent
     * @param  int  $blur  px, of the page behind
     */
    private function __construct(
        #[Setting('Colour', new Colour('#101417'), '#101417', 'Backdrop')]
        public string $colour,
        #[Setting('How solid', new WholeNumber(40, 100, '%'), 97, 'Backdrop')]
        public int $opacity,
        #[Setting('The page behind is blurred by', new WholeNumber(0, 40, 'px', words: [0 => 'nothing']), 0, 'Backdrop', null, '+blur {}')]
        public int $blur,
    ) {
    }
}
