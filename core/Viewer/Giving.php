<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** What goes out with a picture: its file, and a page of its own. */
final readonly class Giving
{
    /** What can bear words: a file that is made for it, and not the original as it is. */
    private const WORDED = ['viewer.giving.download' => [Download::Large, Download::Stripped]];

    private function __construct(
        #[Setting('To download', new Choice(Download::class), 'none', 'Download and pages')]
        public Download $download,
        #[Setting('Words in the file', new Flag, false, 'Download and pages', new When(self::WORDED), 'words in the file')]
        public bool $words,
        #[Setting('A page for each picture', new Flag, false, 'Download and pages', null, 'a page for each')]
        public bool $pages,
    ) {
    }

    /** Whether words are written into what is given. */
    public function bearsWords(): bool
    {
        return $this->words && in_array($this->download, self::WORDED['viewer.giving.download'], true);
    }
}
