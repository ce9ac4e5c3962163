<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

/** One smaller file of a picture: its width in px and its format. */
final readonly class Rendition
{
    /**
     * @param  positive-int  $width  px
     * @param  ?int  $bytes  of the file, where there is one
     */
    public function __construct(public int $width, public Format $format, public ?int $bytes = null)
    {
    }

    /**
     * The narrowest that is at least so wide, else the widest; null where there is none.
     *
     * @param  list<self>  $renditions  from narrow to wide
     */
    public static function smallest(array $renditions, int $width): ?self
    {
        $small = $renditions[0] ?? null;
        foreach ($renditions as $rendition) {
            $small = $small !== null && $small->width < $width ? $rendition : $small;
        }

        return $small;
    }

    /** Its file name, the same wherever it stands: "540.webp". */
    public function fileName(): string
    {
        return $this->width.'.'.$this->format->value;
    }
}
