<?php

declare(strict_types=1);

namespace App\Imaging;

use ZincPane\Core\Colour\PixelGrid;

/** Makes a small grid of pixels of one of our own renditions, by GD: as a process it would take ten times as long. */
final class GridMaker
{
    /**
     * @param  string  $path  of a JPEG or WebP file that we made
     * @return ?PixelGrid null where it cannot be read
     */
    public function make(string $path): ?PixelGrid
    {
        $contents = is_file($path) ? (string) file_get_contents($path) : '';
        $image = $contents === '' ? false : @imagecreatefromstring($contents);
        if ($image === false) {
            return null;
        }
        [$width, $height] = [imagesx($image), imagesy($image)];
        [$across, $down] = PixelGrid::sizeFor($width, $height);
        $small = imagecreatetruecolor($across, $down);
        if ($small === false) {
            return null;
        }
        imagecopyresampled($small, $image, 0, 0, 0, 0, $across, $down, $width, $height);
        imagetruecolortopalette($small, false, PixelGrid::COLOURS);
        $numbers = $colours = '';
        for ($y = 0; $y < $down; $y++) {
            for ($x = 0; $x < $across; $x++) {
                $numbers .= chr((int) imagecolorat($small, $x, $y));
            }
        }
        for ($n = 0; $n < imagecolorstotal($small); $n++) {
            $colour = imagecolorsforindex($small, $n);
            $colours .= chr($colour['red']).chr($colour['green']).chr($colour['blue']);
        }

        return PixelGrid::of($across, $down, $numbers, $colours);
    }
}
