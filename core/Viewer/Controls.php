<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Setting;

/** What the large view is worked by, besides keys and fingers; closing is always there. */
final readonly class Controls
{
    private function __construct(
        #[Setting('Counter', new Flag, true, 'Controls', null, 'counter')]
        public bool $counter,
        #[Setting('Next and previous', new Flag, true, 'Controls', null, 'arrows')]
        public bool $arrows,
        #[Setting('A click on either side turns', new Flag, true, 'Controls', null, 'sides')]
        public bool $sides,
        #[Setting('Strip of thumbnails', new Flag, false, 'Controls', null, 'thumbnails')]
        public bool $thumbnails,
        #[Setting('Address to share', new Flag, true, 'Controls', null, 'share')]
        public bool $share,
        #[Setting('Full screen', new Flag, true, 'Controls', null, 'full screen')]
        public bool $fullScreen,
    ) {
    }
}
