<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Kinds\Line;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** The gallery's rule for clicks, and what is said of it; single pictures may differ. */
final readonly class Click
{
    /** Most characters of a hint of one's own. */
    private const LONGEST = 80;

    private const HINTED = ['viewer.click.hint' => [HintPlace::Above, HintPlace::Below, HintPlace::Pointed]];

    /**
     * @param  bool  $newTab  addresses of other sites open in a tab of their own
     * @param  string  $hintSays  empty for the usual words
     */
    private function __construct(
        #[Setting('A click on a picture', new Choice(ClickAct::class), 'large', 'Clicks')]
        public ClickAct $act,
        #[Setting('Other sites open in a new tab', new Flag, false, 'Clicks', null, 'other sites in a new tab')]
        public bool $newTab,
        #[Setting('Hint', new Choice(HintPlace::class), 'none', 'Clicks', null, '+hint {}')]
        public HintPlace $hint,
        #[Setting('Words of the hint', new Line(self::LONGEST), '', 'Clicks', new When(self::HINTED), '')]
        public string $hintSays,
    ) {
    }
}
