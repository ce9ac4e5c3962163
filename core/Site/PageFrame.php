<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Delivery\ContentWidth;

/** How wide the content of a page is, and how wide what stands in it, as lines in the width of the window. */
final readonly class PageFrame
{
    /** px that a half has at least; narrower it is whole. */
    private const LEAST_HALF = 280;

    /** px that text beside a gallery has at least; narrower it goes below. */
    private const LEAST_TEXT = 220;

    /**
     * @param  int  $margin  px at each side of the content
     * @param  int  $content  px of the content at most
     * @param  int  $text  px of a line of text at most
     * @param  bool  $isKnown  whether windows tell the width
     */
    public function __construct(public int $margin, public int $content, public int $text, private bool $isKnown = true)
    {
    }

    /** Of a page about which nothing is known. */
    public static function unknown(): self
    {
        return new self(0, ContentWidth::WIDEST, ContentWidth::WIDEST, false);
    }

    /**
     * Of a page where the room for a gallery was measured in two windows.
     *
     * @param  int  $phone  px of the window
     * @param  int  $inPhone  px of the room there
     * @param  int  $wide  px of the window
     * @param  int  $inWide  px of the room there
     */
    public static function measured(int $phone, int $inPhone, int $wide, int $inWide): self
    {
        $margin = intdiv(max(0, $phone - $inPhone), 2);
        // As wide as the margins leave it: then no greatest width was reached yet.
        $content = $inWide >= $wide - 2 * $margin ? ContentWidth::WIDEST : $inWide;

        return new self($margin, $content, $content);
    }

    public function column(): ContentWidth
    {
        return $this->isKnown ? ContentWidth::page($this->margin, $this->content) : ContentWidth::unknown();
    }

    /** How wide a gallery is that stands so. */
    public function of(PaneDesign $pane): ContentWidth
    {
        return match ($pane->width) {
            PaneWidth::Wide => $this->column(),
            PaneWidth::Text => $this->column()->capped($this->text),
            PaneWidth::Px => $this->column()->capped($pane->px),
            PaneWidth::Edges => ContentWidth::window(),
            PaneWidth::Half => $this->halvesFrom() === null ? $this->column() : $this->column()->halvedFrom($this->halvesFrom(), PaneDesign::BESIDE),
        };
    }

    /** The width of the window in px from which a half is a half; null where it never is. */
    public function halvesFrom(): ?int
    {
        return $this->column()->windowFor(2 * self::LEAST_HALF + PaneDesign::BESIDE);
    }

    /** The width of the window in px from which text flows beside it; null where it never does. */
    public function flowsFrom(PaneDesign $pane): ?int
    {
        return match (true) {
            ! $pane->isBesideText() => null,
            $pane->width === PaneWidth::Half => $this->halvesFrom(),
            default => $this->column()->windowFor($pane->px + PaneDesign::BESIDE + self::LEAST_TEXT),
        };
    }

    /**
     * Widths in px at which the edge of a gallery meets a line of the page, in a window: half the content, the text, the content.
     *
     * @param  float  $window  px
     * @return list<int> ascending
     */
    public function marks(float $window): array
    {
        $content = $this->column()->at($window);
        $marks = [($content - PaneDesign::BESIDE) / 2, min($this->text, $content), $content];
        $marks = array_unique(array_map(static fn (float $mark): int => (int) round($mark), $marks));
        sort($marks);

        return $marks;
    }
}
