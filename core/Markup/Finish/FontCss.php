<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Finish;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Finish\Font;
use ZincPane\Core\Markup\Style\Css;

/** Letters that ship with the program, and letters of every machine that take their room until they are there. */
final class FontCss
{
    /** Path of the file of a font from the top of what is published; null for the page's own. */
    public static function file(Font $font): ?string
    {
        return match ($font) {
            Font::Page => null,
            Font::Archivo => '/fonts/archivo-latin-wght-normal.woff2',
            Font::SourceSerif => '/fonts/source-serif-4-latin-wght-normal.woff2',
        };
    }

    public static function family(Font $font): Css
    {
        return match ($font) {
            Font::Page => Css::none(),
            Font::Archivo => Css::of(';font-family:"ZP Archivo","ZP Archivo until",sans-serif'),
            Font::SourceSerif => Css::of(';font-family:"ZP Source Serif","ZP Source Serif until",serif'),
        };
    }

    public static function faces(Font $font, Addresses $addresses): Css
    {
        $file = self::file($font);
        if ($file === null) {
            return Css::none();
        }

        return Css::of('@font-face{font-family:{name};src:{url} format("woff2");font-weight:200 900;font-display:swap}@font-face{font-family:{until};{fallback}}', [
            'url' => Css::url($addresses->of($file)),
            'name' => Css::of($font === Font::Archivo ? '"ZP Archivo"' : '"ZP Source Serif"'),
            'until' => Css::of($font === Font::Archivo ? '"ZP Archivo until"' : '"ZP Source Serif until"'),
            // Of the same mean width as the letters that are to come (xAvgCharWidth of OS/2, over units per em).
            'fallback' => Css::of($font === Font::Archivo ? 'src:local("Arial"),local("Liberation Sans");size-adjust:98%' : 'src:local("Georgia"),local("Liberation Serif");size-adjust:102%'),
        ]);
    }
}
