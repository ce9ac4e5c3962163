<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Colour;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** How a tile is at rest, and how when it is pointed at or focused; the parts compose. */
final readonly class Pointed
{
    /**
     * @param  int  $restOpacity  per cent, like all of these that are not told otherwise
     * @param  int  $scale  the picture within its frame
     * @param  int  $lift  px
     * @param  int  $restBlur  px
     * @param  int  $blur  px
     * @param  int  $duration  ms
     * @param  int  $delay  ms
     */
    private function __construct(
        #[Setting('Clear at rest', new WholeNumber(10, 100, '%', words: [100 => 'quite clear']), 100, 'Pointed at', null, '+rests at {}')]
        public int $restOpacity,
        #[Setting('Clear when pointed at', new WholeNumber(10, 100, '%', words: [100 => 'quite clear']), 100, 'Pointed at', null, '')]
        public int $opacity,
        #[Setting('Grey at rest', new WholeNumber(0, 100, '%', words: [0 => 'in colour', 100 => 'grey']), 0, 'Pointed at', null, '+{} at rest')]
        public int $restGrey,
        #[Setting('Grey when pointed at', new WholeNumber(0, 100, '%', words: [0 => 'in colour', 100 => 'grey']), 0, 'Pointed at', null, '')]
        public int $grey,
        #[Setting('Brightness at rest', new WholeNumber(30, 170, '%', words: [100 => 'as it is']), 100, 'Pointed at', null, '')]
        public int $restBrightness,
        #[Setting('Brightness when pointed at', new WholeNumber(30, 170, '%', words: [100 => 'as it is']), 100, 'Pointed at', null, '+brightness {}')]
        public int $brightness,
        #[Setting('Blur at rest', new WholeNumber(0, 20, 'px', words: [0 => 'sharp']), 0, 'Pointed at', null, '+blur {} at rest')]
        public int $restBlur,
        #[Setting('Blur when pointed at', new WholeNumber(0, 20, 'px', words: [0 => 'sharp']), 0, 'Pointed at', null, '')]
        public int $blur,
        #[Setting('Grows or shrinks to', new WholeNumber(80, 150, '%', words: [100 => 'its own size']), 100, 'Pointed at', null, '+grows to {}')]
        public int $scale,
        #[Setting('Is lifted', new WholeNumber(0, 30, 'px', words: [0 => 'not at all']), 0, 'Pointed at', null, '+lifted {}')]
        public int $lift,
        #[Setting('Tint', new WholeNumber(0, 90, '%', words: [0 => 'none']), 0, 'Pointed at', null, '+tint {}')]
        public int $tintOpacity,
        #[Setting('Colour of the tint', new Colour('#0b7568'), '#0b7568', 'Pointed at', new When(['finish.pointed.tint_opacity' => [When::MORE_THAN_NONE]]), '')]
        public string $tint,
        #[Setting('Sign for “enlarge”', new Choice(Sign::class), 'none', 'Pointed at', null, '+sign: {}')]
        public Sign $sign,
        #[Setting('The caption', new Choice(CaptionWay::class), 'fade', 'Pointed at', new When(['finish.captions.place' => [CaptionPlace::Pointed]]), '')]
        public CaptionWay $way,
        #[Setting('Takes', new WholeNumber(0, 2000, 'ms'), 250, 'Pointed at', null, '+{}')]
        public int $duration,
        #[Setting('Course of the motion', new Choice(Easing::class), 'ease-out', 'Pointed at', null, '')]
        public Easing $easing,
        #[Setting('Begins after', new WholeNumber(0, 1000, 'ms', words: [0 => 'at once']), 0, 'Pointed at', null, '')]
        public int $delay,
    ) {
    }

    /** Whether the picture lets through what is behind it, at rest or pointed at. */
    public function isThin(): bool
    {
        return min($this->restOpacity, $this->opacity) < 100;
    }

    /** Whether the picture itself is another when it is pointed at. */
    public function changesPicture(): bool
    {
        return $this->tintOpacity > 0 || $this->scale > 100
            || [$this->restOpacity, $this->restGrey, $this->restBrightness, $this->restBlur] !== [$this->opacity, $this->grey, $this->brightness, $this->blur];
    }
}
