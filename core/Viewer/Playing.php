<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** The large view as a slideshow. */
final readonly class Playing
{
    private const PLAYS = ['viewer.playing.offered' => [true]];

    /**
     * @param  int  $seconds  each picture is seen for
     */
    private function __construct(
        #[Setting('Can be played', new Flag, true, 'Slideshow', null, 'can be played')]
        public bool $offered,
        #[Setting('Plays when it is opened', new Flag, false, 'Slideshow', new When(self::PLAYS), 'at once')]
        public bool $starts,
        #[Setting('Each is seen for', new WholeNumber(2, 60, 's'), 5, 'Slideshow', new When(self::PLAYS), '{} each')]
        public int $seconds,
        #[Setting('Begins again', new Flag, true, 'Slideshow', new When(self::PLAYS), 'again and again')]
        public bool $repeats,
        #[Setting('One fades into the next', new Flag, true, 'Slideshow', new When(self::PLAYS), 'fading')]
        public bool $fades,
    ) {
    }
}
