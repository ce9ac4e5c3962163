<?php

declare(strict_types=1);

namespace App\Imaging;

/** What the first bytes of a picture file say of it; nothing was decoded. */
final readonly class Header
{
    /** EXIF orientations that lay a picture on its side (5 to 8). */
    private const FIRST_SIDEWAYS = 5;

    /**
     * @param  int  $width  px as stored
     * @param  int  $height  px as stored
     * @param  int  $orientation  EXIF, 1 to 8
     * @param  int  $pages  pictures that are shown one after the other; 1 where it does not move
     */
    private function __construct(private int $width, private int $height, private int $orientation, private int $pages)
    {
    }

    /**
     * @throws ImagingException when the file has no header that can be read
     */
    public static function of(Tools $tools, string $path): self
    {
        $fields = [];
        foreach (explode("\n", $tools->read('vipsheader', ['-a', $path])) as $line) {
            [$name, $value] = array_pad(explode(': ', $line, 2), 2, '');
            $fields[$name] ??= $value;
        }
        $width = (int) ($fields['width'] ?? 0);
        $height = (int) ($fields['height'] ?? 0);
        if ($width < 1 || $height < 1) {
            throw ImagingException::refused('vipsheader', 'no width and height');
        }

        return new self($width, $height, (int) ($fields['orientation'] ?? 1), max(1, (int) ($fields['n-pages'] ?? 1)));
    }

    public function megapixels(): float
    {
        return $this->width * $this->height / 1_000_000;
    }

    /** Pictures that are shown one after the other. */
    public function pages(): int
    {
        return $this->pages;
    }

    /** px as it is seen, once turned upright. */
    public function seenWidth(): int
    {
        return $this->isSideways() ? $this->height : $this->width;
    }

    /** px as it is seen, once turned upright. */
    public function seenHeight(): int
    {
        return $this->isSideways() ? $this->width : $this->height;
    }

    private function isSideways(): bool
    {
        return $this->orientation >= self::FIRST_SIDEWAYS && $this->orientation <= 8;
    }
}
