<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** Enlarging, and the loupe. */
final readonly class Zoom
{
    private const ENLARGES = ['viewer.zoom.most' => [ZoomMost::Two, ZoomMost::Three, ZoomMost::Four, ZoomMost::Own]];

    private const LOUPE = ['viewer.zoom.loupe' => [LoupePlace::Tiles, LoupePlace::Large, LoupePlace::Both]];

    /**
     * @param  int  $size  px across
     * @param  int  $strength  times
     */
    private function __construct(
        #[Setting('Enlarges up to', new Choice(ZoomMost::class), '4', 'Zoom and loupe', null, 'up to {}')]
        public ZoomMost $most,
        #[Setting('Buttons', new Flag, true, 'Zoom and loupe', new When(self::ENLARGES), 'buttons')]
        public bool $buttons,
        #[Setting('Slider', new Flag, false, 'Zoom and loupe', new When(self::ENLARGES), 'slider')]
        public bool $slider,
        #[Setting('Loupe', new Choice(LoupePlace::class), 'none', 'Zoom and loupe', null, '+loupe {}')]
        public LoupePlace $loupe,
        #[Setting('The loupe is', new WholeNumber(80, 400, 'px'), 180, 'Zoom and loupe', new When(self::LOUPE), '')]
        public int $size,
        #[Setting('And enlarges', new WholeNumber(2, 8, 'times'), 3, 'Zoom and loupe', new When(self::LOUPE), '')]
        public int $strength,
    ) {
    }
}
