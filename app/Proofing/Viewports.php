<?php

declare(strict_types=1);

namespace App\Proofing;

use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Measuring\Viewport;

/** The two windows that galleries are proofed and measured in. */
final readonly class Viewports
{
    private function __construct(public Viewport $wide, public Viewport $phone)
    {
    }

    /**
     * @param  ContentWidth  $content  of the place where the gallery stands
     */
    public static function at(ContentWidth $content): self
    {
        return new self(Viewport::wide($content->at(Viewport::WIDE)), Viewport::phone($content->at(Viewport::PHONE)));
    }
}
