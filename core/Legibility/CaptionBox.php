<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

use ZincPane\Core\Finish\CaptionAt;
use ZincPane\Core\Finish\Captions;
use ZincPane\Core\Finish\Edges;
use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Gallery\Words;

/** Where the caption of a picture lies on it. How wide letters are is not known before they are set; they are taken to be as in most faces. */
final readonly class CaptionBox
{
    /** Widths in em of letters that are not of the usual width. */
    private const WIDTHS = ['/[\x{1100}-\x{115F}\x{2E80}-\x{A4CF}\x{AC00}-\x{D7A3}\x{F900}-\x{FAFF}\x{FE30}-\x{FE6F}\x{FF00}-\x{FF60}\x{1F300}-\x{1FAFF}]/u' => 1.0, '/[mwMW@%—]/u' => 0.84, '/[ijltfrI.,;:\'’!|()\[\] ]/u' => 0.29, '/\p{Lu}/u' => 0.64];

    private const USUAL = 0.5;

    /** Share of a line by which words may be longer and still stand on it. */
    private const NEARLY = 0.02;

    private Captions $captions;

    public function __construct(private FinishDesign $finish)
    {
        $this->captions = $finish->captions;
    }

    /**
     * The words of a caption, each part on a line of its own; empty where there are none.
     *
     * @return list<string>
     */
    public function said(Words $words): array
    {
        $c = $this->captions;

        return array_values(array_filter([$c->title ? $words->title : '', $c->caption ? $words->caption : '', $c->description ? $words->description : '', $c->credit ? $words->credit : ''], static fn (string $text): bool => $text !== ''));
    }

    /**
     * em that each part is wide, on one line.
     *
     * @param  list<string>  $said
     * @return list<float>
     */
    public static function widths(array $said): array
    {
        return array_map(self::width(...), $said);
    }

    /**
     * @param  list<float>  $widths  of the parts, em
     * @param  float  $width  px of the picture
     * @param  float  $height  px of the picture
     * @return array{float, float} top and bottom as shares of the picture's height
     */
    public function on(array $widths, float $width, float $height): array
    {
        if ($this->finish->edges->corners === Edges::ROUND) {
            return [0.0, 1.0];
        }
        $lines = min($this->lines($widths, $width - 2 * Captions::PAD_ACROSS, self::NEARLY), $this->captions->lines);
        $high = min(1.0, ($lines * $this->finish->lettering->line() + 2 * Captions::PAD_DOWN) / $height);

        return match ($this->captions->at) {
            CaptionAt::Top => [0.0, $high],
            CaptionAt::Middle => [(1 - $high) / 2, (1 + $high) / 2],
            CaptionAt::Bottom => [1 - $high, 1.0],
        };
    }

    /**
     * Lines that the parts take, each beginning on one of its own.
     *
     * @param  list<float>  $widths  of the parts, em
     * @param  float  $inner  px of a line
     * @param  float  $unsure  share of a line that is not reckoned with
     */
    public function lines(array $widths, float $inner, float $unsure): int
    {
        $lines = 0;
        foreach ($widths as $em) {
            $lines += max(1, (int) ceil($em * $this->finish->lettering->size / max(1.0, $inner) - $unsure));
        }

        return $lines;
    }

    private static function width(string $text): float
    {
        $width = self::USUAL * mb_strlen($text);
        foreach (self::WIDTHS as $pattern => $em) {
            $width += ($em - self::USUAL) * (int) preg_match_all($pattern, $text);
        }

        return $width;
    }
}
