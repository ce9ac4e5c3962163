<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** How tiles come when they are scrolled into view. */
final readonly class Arrival
{
    private const COMES = [ArrivalWay::Fade, ArrivalWay::Rise, ArrivalWay::Grow, ArrivalWay::Side, ArrivalWay::Unblur];

    /**
     * @param  int  $distance  px
     * @param  int  $duration  ms
     * @param  int  $step  ms from one tile to the next
     */
    private function __construct(
        #[Setting('Pictures arrive', new Choice(ArrivalWay::class), 'none', 'Arrival')]
        public ArrivalWay $way,
        #[Setting('From how far', new WholeNumber(4, 120, 'px'), 28, 'Arrival', new When(['finish.arrival.way' => [ArrivalWay::Rise, ArrivalWay::Side]]), '')]
        public int $distance,
        #[Setting('Each takes', new WholeNumber(100, 2000, 'ms'), 600, 'Arrival', new When(['finish.arrival.way' => self::COMES, 'finish.arrival.times' => [ArrivalTimes::Once]]), '')]
        public int $duration,
        #[Setting('One after another, by', new WholeNumber(0, 300, 'ms', words: [0 => 'all at once']), 60, 'Arrival', new When(['finish.arrival.way' => self::COMES]), '{} apart')]
        public int $step,
        #[Setting('How often', new Choice(ArrivalTimes::class), 'once', 'Arrival', new When(['finish.arrival.way' => self::COMES]))]
        public ArrivalTimes $times,
    ) {
    }
}
