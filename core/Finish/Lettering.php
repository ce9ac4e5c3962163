<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;

/** The letters of captions. */
final readonly class Lettering
{
    /** Height of a line for letters of a size. */
    private const LINE = 10 / 7;

    /**
     * @param  int  $size  px
     * @param  int  $weight  as CSS has it, 300 to 800
     */
    private function __construct(
        #[Setting('Letters of', new Choice(Font::class), 'page', 'Lettering')]
        public Font $font,
        #[Setting('Size of captions', new WholeNumber(10, 28, 'px'), 14, 'Lettering')]
        public int $size,
        #[Setting('Weight of captions', new WholeNumber(300, 800), 400, 'Lettering', null, '')]
        public int $weight,
    ) {
    }

    /** px from one line to the next. */
    public function line(): int
    {
        return (int) round($this->size * self::LINE);
    }
}
