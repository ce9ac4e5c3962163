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
        $scale = min(1.0, PixelGrid::LARGEST / max($width, $height));
        $small = imagecreatetruecolor(max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        if ($small === false) {
            return null;
        }
        imagecopyresampled($small, $image, 0, 0, 0, 0, imagesx($small), imagesy($small), $width, $height);
        imagetruecolortopalette($small, false, PixelGrid::COLOURS);
        $numbers = $colours = '';
        for ($y = 0; $y < imagesy($small); $y++) {
            for ($x = 0; $x < imagesx($small); $x++) {
                $numbers .= chr((int) imagecolorat($small, $x, $y));
            }
        }
        for ($n = 0; $n < imagecolorstotal($small); $n++) {
            $colour = imagecolorsforindex($small, $n);
            $colours .= chr($colour['red']).chr($colour['green']).chr($colour['blue']);
        }

        return PixelGrid::of(max(1, imagesx($small)), max(1, imagesy($small)), $numbers, $colours);
    }
}
