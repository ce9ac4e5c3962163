<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Setting;

/** What goes out with a picture: its file, and a page of its own. */
final readonly class Giving
{
    private function __construct(
        #[Setting('To download', new Choice(Download::class), 'none', 'Download and pages')]
        public Download $download,
        #[Setting('A page for each picture', new Flag, false, 'Download and pages', null, 'a page for each')]
        public bool $pages,
    ) {
    }
}
