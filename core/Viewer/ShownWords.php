<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Setting;

/** Which words and facts go with a picture that is seen large, in the viewer and on its own page. */
final readonly class ShownWords
{
    private function __construct(
        #[Setting('They stand', new Choice(WordsPlace::class), 'below', 'Words and facts')]
        public WordsPlace $place,
        #[Setting('Title', new Flag, true, 'Words and facts', null, 'title')]
        public bool $title,
        #[Setting('Caption', new Flag, true, 'Words and facts', null, 'caption')]
        public bool $caption,
        #[Setting('Description', new Flag, true, 'Words and facts', null, 'description')]
        public bool $description,
        #[Setting('Credit', new Flag, true, 'Words and facts', null, 'credit')]
        public bool $credit,
        #[Setting('Camera and lens', new Flag, false, 'Words and facts', null, 'camera')]
        public bool $camera,
        #[Setting('Exposure', new Flag, false, 'Words and facts', null, 'exposure')]
        public bool $exposure,
        #[Setting('Date', new Flag, false, 'Words and facts', null, 'date')]
        public bool $date,
        #[Setting('Name of the place', new Flag, false, 'Words and facts', null, 'place')]
        public bool $location,
        #[Setting('Copyright and licence', new Flag, false, 'Words and facts', null, 'rights')]
        public bool $rights,
    ) {
    }
}
