<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Measuring\Subject;

/** A small piece of text among the pictures. */
final readonly class ShownText implements Shown
{
    /** The shape of its tile where each has its own: 4:3. */
    private const WIDTH = 4;

    private const HEIGHT = 3;

    public function __construct(public CleanHtml $html, public Words $words)
    {
    }

    public function ratio(): Ratio
    {
        return Ratio::of(self::WIDTH, self::HEIGHT);
    }

    public function words(): Words
    {
        return $this->words;
    }

    public function subject(): Subject
    {
        return Subject::notAPicture($this->ratio());
    }
}
