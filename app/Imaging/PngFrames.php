<?php

declare(strict_types=1);

namespace App\Imaging;

/** The pictures in a PNG that moves, each cut out as a PNG of its own. (https://www.w3.org/TR/png-3/#apng-frame-based-animation) */
final readonly class PngFrames
{
    private const SIGNATURE = "\x89PNG\r\n\x1a\n";

    /** Chunks that every picture of the file needs. */
    private const SHARED = ['PLTE', 'tRNS', 'gAMA', 'sRGB', 'iCCP', 'cHRM', 'sBIT'];

    /**
     * @param  positive-int  $width  px
     * @param  positive-int  $height  px
     * @param  int  $plays  how often all are shown; 0 is for ever
     * @param  list<PngFrame>  $all
     */
    private function __construct(public int $width, public int $height, public int $plays, public array $all)
    {
    }

    /** How many pictures a file says it has; 1 where it is no PNG, or one that does not move. */
    public static function told(string $path): int
    {
        $file = fopen($path, 'rb');
        if ($file === false || fread($file, 8) !== self::SIGNATURE) {
            return 1;
        }
        while (strlen($head = (string) fread($file, 12)) === 12) {
            $name = substr($head, 4, 4);
            if ($name === 'acTL' || $name === 'IDAT') {
                return $name === 'acTL' ? max(1, self::number($head, 8)) : 1;
            }
            fseek($file, self::number($head, 0), SEEK_CUR);
        }

        return 1;
    }

    /**
     * @throws ImagingException when the file is not whole
     */
    public static function read(string $file): self
    {
        $header = $shared = '';
        $plays = $told = 0;
        $frames = [];
        $control = null;
        $data = '';
        foreach (self::chunks($file) as [$name, $contents]) {
            if ($name === 'IHDR') {
                $header = $contents;
            } elseif (in_array($name, self::SHARED, true)) {
                $shared .= self::chunk($name, $contents);
            } elseif ($name === 'acTL') {
                [$told, $plays] = [self::number($contents, 0), self::number($contents, 4)];
            } elseif ($name === 'fcTL' || $name === 'IEND') {
                if ($control !== null && $data !== '') {
                    $frames[] = self::frame($header, $shared, $control, $data);
                }
                [$control, $data] = [$contents, ''];
            } elseif ($name === 'IDAT') {
                // Before the first control it is a still that is not part of the animation.
                $data .= $control === null ? '' : $contents;
            } elseif ($name === 'fdAT') {
                $data .= substr($contents, 4);
            }
        }
        if ($header === '' || $frames === [] || count($frames) !== $told) {
            throw ImagingException::refused('png', 'the file says it has '.$told.' pictures, and has '.count($frames));
        }

        return new self(max(1, self::number($header, 0)), max(1, self::number($header, 4)), min(65535, $plays), $frames);
    }

    private static function frame(string $header, string $shared, string $control, string $data): PngFrame
    {
        [$part, $of, $disposal, $over] = [self::number($control, 20, 2), self::number($control, 22, 2), self::number($control, 24, 1), self::number($control, 25, 1)];
        [$width, $height, $x, $y] = array_map(static fn (int $at): int => self::number($control, $at), [4, 8, 12, 16]);
        if ($x + $width > self::number($header, 0) || $y + $height > self::number($header, 4)) {
            throw ImagingException::refused('png', 'a picture of the animation is larger than the whole');
        }
        $own = substr($control, 4, 8).substr($header, 8);
        $png = self::SIGNATURE.self::chunk('IHDR', $own).$shared.self::chunk('IDAT', $data).self::chunk('IEND', '');

        return new PngFrame($png, $x, $y, (int) round(1000 * $part / ($of === 0 ? 100 : $of)), $disposal, $over === 1);
    }

    /**
     * @return iterable<array{string, string}> name and contents
     */
    private static function chunks(string $file): iterable
    {
        for ($at = 8; $at + 12 <= strlen($file); $at += 12 + $size) {
            $size = self::number($file, $at);
            if ($at + 12 + $size > strlen($file)) {
                throw ImagingException::refused('png', 'the file is cut off');
            }
            yield [substr($file, $at + 4, 4), substr($file, $at + 8, $size)];
        }
    }

    private static function chunk(string $name, string $contents): string
    {
        return pack('N', strlen($contents)).$name.$contents.pack('N', crc32($name.$contents));
    }

    /** The greatest byte comes first; 0 where the bytes end before. */
    private static function number(string $bytes, int $at, int $length = 4): int
    {
        $number = substr($bytes, $at, $length);

        return strlen($number) < $length ? 0 : (int) hexdec(bin2hex($number));
    }
}
