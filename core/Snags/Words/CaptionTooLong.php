<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Words;

use ZincPane\Core\Finish\CaptionPlace;
use ZincPane\Core\Finish\Captions;
use ZincPane\Core\Legibility\CaptionBox;
use ZincPane\Core\Measuring\DrawnPart;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** Captions that do not fit into the lines that are kept for them, and are cut. */
final readonly class CaptionTooLong implements Rule
{
    /** Share of a line that may be missing: how wide letters are is not known before they are set. */
    private const UNSURE = 0.15;

    public function code(): string
    {
        return 'caption-too-long';
    }

    public function stage(): Stage
    {
        return Stage::Words;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        foreach ($this->lines($gallery) as $item => $lines) {
            if ($lines > $gallery->gallery->design->finish->captions->lines) {
                $found[] = Sighting::ofItem((string) $item, implode(' / ', (new CaptionBox($gallery->gallery->design->finish))->said($gallery->words($gallery->gallery->item((string) $item)))));
            }
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        $lines = $gallery->gallery->design->finish->captions->lines;
        $room = $lines === 1 ? 'one line' : "{$lines} lines";

        return count($seen) === 1
            ? 'The caption of '.$gallery->nameOf((string) $seen[0]->item)." is longer than {$room}, and is cut."
            : 'The captions of '.count($seen)." pictures are longer than {$room}, and are cut.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        $lines = $this->lines($gallery);
        $needed = max(array_map(static fn (Sighting $sighting): int => $lines[(string) $sighting->item] ?? 1, $seen));
        // More than captions can have is refused where it is tried.
        yield Mend::design("Give captions {$needed} lines", ['finish' => ['captions' => ['lines' => $needed]]]);
    }

    /**
     * Lines that captions need where they need most, of all that are shown.
     *
     * @return array<string, int> by item
     */
    private function lines(Inspected $gallery): array
    {
        $captions = $gallery->gallery->design->finish->captions;
        if ($captions->place === CaptionPlace::None) {
            return [];
        }
        $now = $gallery->now();
        $lines = $this->linesIn($gallery, $now->onWide, $now->inner);
        $isHidden = $captions->areOver() ? $captions->hiddenBelow > 0 : $captions->hiddenWithin > $now->innerOnPhone;
        foreach ($isHidden ? [] : $this->linesIn($gallery, $now->onPhone, $now->innerOnPhone) as $item => $needed) {
            $lines[$item] = max($lines[$item] ?? 0, $needed);
        }

        return $lines;
    }

    /**
     * @param  list<DrawnPart>  $parts
     * @param  float  $inner  px of width of the gallery
     * @return array<string, int> by item
     */
    private function linesIn(Inspected $gallery, array $parts, float $inner): array
    {
        $finish = $gallery->gallery->design->finish;
        $caption = new CaptionBox($finish);
        $lines = [];
        foreach ($parts as $part) {
            foreach ($part->pictures() as $place => $box) {
                $item = $gallery->drawn[$place];
                $widths = $gallery->captionWidths($item, $caption);
                if ($widths !== []) {
                    $lines[$item->id] = $caption->lines($widths, $box->width->at($inner) - ($finish->captions->areOver() ? 2 * Captions::PAD_ACROSS : 0), self::UNSURE);
                }
            }
        }

        return $lines;
    }
}
