<?php

declare(strict_types=1);

namespace App\Imaging;

use GdImage;

/**
 * A PNG that holds several pictures, shown one after the other (https://www.w3.org/TR/png-3/#apng-frame-based-animation),
 * as a WebP that moves (https://developers.google.com/speed/webp/docs/riff_container): libvips reads only the
 * first picture of such a PNG. Each picture is composed on the one before it, as the file says, and put
 * into one WebP file by its chunks.
 */
final readonly class AnimatedPng
{
    /** Megapixels of one picture, at most: three of them are held in memory at once. */
    public const MEGAPIXELS = 4;

    /** px: no WebP is wider or higher. */
    public const LONGEST = 16383;

    /** Of the WebP files of the single pictures, 0 to 100; renditions are made of them in turn. */
    private const QUALITY = 92;

    /** ms that a picture of no stated time is shown, as browsers do. */
    private const SHORTEST = 100;

    /** A colour of GD that shows through all the way. */
    private const NOTHING = 127 << 24;

    /** What becomes of a picture before the next: nothing, its area emptied, its area as it was before. */
    private const CLEARED = 1;

    private const RESTORED = 2;

    private function __construct(private PngFrames $frames)
    {
    }

    /**
     * @throws ImagingException when the file is not whole, or larger than is taken
     */
    public static function read(string $path): self
    {
        $frames = PngFrames::read((string) file_get_contents($path));
        if (max($frames->width, $frames->height) > self::LONGEST || $frames->width * $frames->height > self::MEGAPIXELS * 1_000_000) {
            throw ImagingException::refused('png', 'the animation is too large');
        }

        return new self($frames);
    }

    /**
     * @throws ImagingException when a picture of it cannot be read
     */
    public function readToEnd(): void
    {
        array_map(self::decoded(...), $this->frames->all);
    }

    /**
     * Every picture of it as a file that libvips can read to its end, made beside; any other file is that file.
     *
     * @throws ImagingException when a picture of it cannot be read
     */
    public static function asMoving(string $path, string $work): string
    {
        if (PngFrames::told($path) === 1) {
            return $path;
        }
        file_put_contents("{$work}/moving.webp", self::read($path)->toWebP());

        return "{$work}/moving.webp";
    }

    /**
     * @throws ImagingException when a picture of it cannot be read
     */
    public function toWebP(): string
    {
        $canvas = self::clear($this->frames->width, $this->frames->height);
        $body = self::chunk('ANIM', pack('Vv', 0, $this->frames->plays));
        foreach ($this->frames->all as $frame) {
            $before = $frame->disposal === self::RESTORED ? self::copyOf($canvas) : $canvas;
            $image = self::decoded($frame);
            imagealphablending($canvas, $frame->isOver);
            imagecopy($canvas, $image, $frame->x, $frame->y, 0, 0, imagesx($image), imagesy($image));
            $body .= self::chunk('ANMF', self::frame($canvas, $frame->milliseconds === 0 ? self::SHORTEST : $frame->milliseconds));
            if ($frame->disposal === self::CLEARED) {
                imagealphablending($canvas, false);
                imagefilledrectangle($canvas, $frame->x, $frame->y, $frame->x + imagesx($image) - 1, $frame->y + imagesy($image) - 1, self::NOTHING);
            }
            $canvas = $before;
        }
        // Animation and alpha.
        $head = self::chunk('VP8X', "\x12\0\0\0".self::three($this->frames->width - 1).self::three($this->frames->height - 1));

        return 'RIFF'.pack('V', 4 + strlen($head) + strlen($body)).'WEBP'.$head.$body;
    }

    private static function decoded(PngFrame $frame): GdImage
    {
        $image = @imagecreatefromstring($frame->png);

        return $image === false ? throw ImagingException::refused('gd', 'a picture of the animation cannot be read') : $image;
    }

    /** The whole canvas as one picture of the animation, that replaces the one before. */
    private static function frame(GdImage $canvas, int $milliseconds): string
    {
        ob_start();
        imagewebp($canvas, null, self::QUALITY);
        $webp = (string) ob_get_clean();
        $picture = '';
        for ($at = 12; $at + 8 <= strlen($webp); $at += 8 + $size + $size % 2) {
            $size = (int) hexdec(bin2hex(strrev(substr($webp, $at + 4, 4))));
            if (in_array(substr($webp, $at, 4), ['ALPH', 'VP8 ', 'VP8L'], true)) {
                $picture .= self::chunk(substr($webp, $at, 4), substr($webp, $at + 8, $size));
            }
        }

        return self::three(0).self::three(0).self::three(imagesx($canvas) - 1).self::three(imagesy($canvas) - 1).self::three($milliseconds)."\x02".$picture;
    }

    private static function chunk(string $name, string $contents): string
    {
        return $name.pack('V', strlen($contents)).$contents.(strlen($contents) % 2 === 1 ? "\0" : '');
    }

    /** A number in three bytes, the lowest first. */
    private static function three(int $number): string
    {
        return substr(pack('V', $number), 0, 3);
    }

    /**
     * @param  positive-int  $width  px
     * @param  positive-int  $height  px
     */
    private static function clear(int $width, int $height): GdImage
    {
        $canvas = imagecreatetruecolor($width, $height);
        imagesavealpha($canvas, true);
        imagealphablending($canvas, false);
        imagefill($canvas, 0, 0, self::NOTHING);

        return $canvas;
    }

    private static function copyOf(GdImage $canvas): GdImage
    {
        $copy = self::clear(imagesx($canvas), imagesy($canvas));
        imagecopy($copy, $canvas, 0, 0, 0, 0, imagesx($canvas), imagesy($canvas));

        return $copy;
    }
}
