<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** Lanes of tiles that move as the page is scrolled, and back when it is scrolled back. */
final readonly class Drift
{
    private const MOVES = ['finish.drift.lanes' => [Lanes::Down, Lanes::Across, Lanes::Single]];

    /**
     * @param  int  $slant  degrees, clockwise
     * @param  int  $strength  per cent of the way there is
     * @param  int  $rim  per cent of the height over which it fades out above and below
     * @param  int  $height  px
     * @param  int  $phoneHeight  px
     */
    private function __construct(
        #[Setting('Lanes', new Choice(Lanes::class), 'none', 'Drift')]
        public Lanes $lanes,
        #[Setting('The first lane moves', new Choice(DriftWay::class), 'against', 'Drift', new When(self::MOVES), '')]
        public DriftWay $way,
        #[Setting('Neighbours move against each other', new Flag, true, 'Drift', new When(['finish.drift.lanes' => [Lanes::Down, Lanes::Across]]), 'alternating')]
        public bool $alternates,
        #[Setting('Strength', new WholeNumber(5, 100, '%'), 60, 'Drift', new When(self::MOVES))]
        public int $strength,
        #[Setting('Slant', new WholeNumber(-15, 15, '°', words: [0 => 'upright']), 0, 'Drift', new When(self::MOVES))]
        public int $slant,
        #[Setting('Fades out at the rim', new WholeNumber(0, 40, '%', words: [0 => 'not at all']), 12, 'Drift', new When(self::MOVES), '')]
        public int $rim,
        #[Setting('Height on wide pages', new WholeNumber(200, 1200, 'px'), 620, 'Drift', new When(self::MOVES), '{} high')]
        public int $height,
        #[Setting('Height on a phone', new WholeNumber(160, 900, 'px'), 460, 'Drift', new When(self::MOVES), '')]
        public int $phoneHeight,
    ) {
    }
}
