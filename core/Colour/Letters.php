<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

/** Letters that can be read on a ground of one colour. */
final class Letters
{
    /** For a dark ground and for a light one, and where those cannot be read well: one of the last two always can. */
    private const COLOURS = ['#f4f6f7', '#101417', '#ffffff', '#000000'];

    /**
     * @param  string  $ground  colour, "#8090a0"
     */
    public static function on(string $ground): string
    {
        $luminance = Luminance::of($ground);
        foreach (self::COLOURS as $letters) {
            if (Luminance::ratio($luminance, Luminance::of($letters)) >= Luminance::ENOUGH) {
                return $letters;
            }
        }

        return self::COLOURS[0];
    }
}
