<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

/** What can be said in numbers of a gallery at one width; docs/measures.md has the definitions. */
final readonly class Measures
{
    /** A share of the pixels cut off that the owner is told of. */
    private const MUCH_CROPPED = 0.15;

    /**
     * @param  int  $rows  of tiles, or blocks of a mosaic; columns of a masonry
     * @param  int  $complete  rows that reach both edges to within 1.5 per cent of the width; columns that end within a tenth of the tallest's height from it
     * @param  int  $inLastRow  tiles in the last row
     * @param  float  $crop  mean share of the pixels of the pictures that is cut off, 0 to 1
     * @param  float  $worstCrop  the largest such share
     * @param  ?int  $worstPicture  whose that is, index from 0; null where nothing is cropped
     * @param  int  $harmed  pictures of which the focal area is not wholly in view: the square around the focal point, a fifth of the shorter side wide
     * @param  float  $uneven  highest row less the lowest over their mean; of a masonry the columns' ends apart over the height; 0 is even
     * @param  int  $smallest  px, the shorter side of the smallest picture
     * @param  int  $largest  px, the longer side of the largest picture
     * @param  float  $used  share of the gallery's rectangle that tiles cover, 0 to 1
     * @param  float  $span  share of the window's width from the first tile's edge to the last one's, 0 to 1
     * @param  int  $height  px of the whole gallery
     * @param  float  $screens  window heights that the whole gallery is high
     * @param  int  $firstBytes  of the pictures that begin within the first window height
     * @param  int  $allBytes  of all pictures
     * @param  int  $firstRequests  pictures that begin within the first window height
     * @param  int  $allRequests  all pictures
     * @param  int  $items  pictures, and what is none
     * @param  float  $inner  px of width of the gallery
     */
    public function __construct(
        public int $rows,
        public int $complete,
        public int $inLastRow,
        public float $crop,
        public float $worstCrop,
        public ?int $worstPicture,
        public int $harmed,
        public float $uneven,
        public int $smallest,
        public int $largest,
        public float $used,
        public float $span,
        public int $height,
        public float $screens,
        public int $firstBytes,
        public int $allBytes,
        public int $firstRequests,
        public int $allRequests,
        public int $items,
        public float $inner,
    ) {
    }

    /**
     * Of a gallery in several sections, one below the other.
     *
     * @param  non-empty-list<self>  $parts
     */
    public static function together(array $parts): self
    {
        $whole = $parts[0];
        foreach (array_slice($parts, 1) as $next) {
            $worse = $next->worstCrop > $whole->worstCrop;
            $height = $whole->height + $next->height;
            $requests = $whole->allRequests + $next->allRequests;
            $whole = new self(
                $whole->rows + $next->rows, $whole->complete + $next->complete, $next->inLastRow,
                $requests > 0 ? ($whole->crop * $whole->allRequests + $next->crop * $next->allRequests) / $requests : 0.0,
                max($whole->worstCrop, $next->worstCrop),
                $worse && $next->worstPicture !== null ? $whole->items + $next->worstPicture : $whole->worstPicture,
                $whole->harmed + $next->harmed, max($whole->uneven, $next->uneven),
                $whole->items === 0 ? $next->smallest : ($next->items === 0 ? $whole->smallest : min($whole->smallest, $next->smallest)), max($whole->largest, $next->largest),
                ($whole->used * $whole->height + $next->used * $next->height) / max(1, $height), max($whole->span, $next->span), $height, $whole->screens + $next->screens,
                $whole->firstBytes + $next->firstBytes, $whole->allBytes + $next->allBytes, $whole->firstRequests + $next->firstRequests, $requests, $whole->items + $next->items, $whole->inner,
            );
        }

        return $whole;
    }

    /**
     * @return array<string, int|float|bool|null>
     */
    public function toArray(): array
    {
        return [
            'rows' => $this->rows, 'complete' => $this->complete, 'in_last_row' => $this->inLastRow,
            'crop' => round($this->crop, 4), 'much_cropped' => $this->crop > self::MUCH_CROPPED, 'worst_crop' => round($this->worstCrop, 4), 'worst_picture' => $this->worstPicture, 'harmed' => $this->harmed,
            'uneven' => round($this->uneven, 4), 'smallest' => $this->smallest, 'too_small' => $this->items > 0 && PhoneSight::isTooSmall($this->smallest), 'largest' => $this->largest, 'used' => round($this->used, 4),
            'span' => round($this->span, 4), 'height' => $this->height, 'screens' => round($this->screens, 2),
            'first_bytes' => $this->firstBytes, 'all_bytes' => $this->allBytes, 'first_requests' => $this->firstRequests, 'all_requests' => $this->allRequests,
        ];
    }
}
