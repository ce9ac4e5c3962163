<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Kinds\ByItself;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** What is wished otherwise below an inner width of 600 px; null is what the core finds good. */
final readonly class PhoneDesign
{
    /**
     * @param  ?int  $rowHeight  px
     * @param  ?int  $height  px
     */
    private function __construct(
        #[Setting('Columns on a phone', new ByItself(new WholeNumber(1, 6)), null, 'Phone', new When(['layout.kind' => [LayoutKind::Grid, LayoutKind::Masonry]]), 'columns {}')]
        public ?int $columns,
        #[Setting('Row height on a phone', new ByItself(new WholeNumber(60, 400, 'px')), null, 'Phone', new When(['layout.kind' => [LayoutKind::Rows, LayoutKind::Mosaic]]), 'rows {}')]
        public ?int $rowHeight,
        #[Setting('Height on a phone', new ByItself(new WholeNumber(120, 800, 'px')), null, 'Phone', new When(['layout.kind' => [LayoutKind::Strip, LayoutKind::Slideshow]]), 'height {}')]
        public ?int $height,
    ) {
    }
}
