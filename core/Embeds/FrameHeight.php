<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Finish\Ground;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Markup\Around;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Viewer\HintPlace;

/**
 * How high the page of a gallery by itself is, which stands in frames: exact for tiles and what is around them,
 * one line for each of its own words. Where these take more, the script of the frame tells it.
 */
final readonly class FrameHeight
{
    /** px of one line of the page, which says so in its style. */
    public const LINE = 24;

    /** px of words with what is between them and what follows; each as its style has it. */
    private const TITLE = 46;

    private const ABOUT = self::LINE + 16;

    private const HINT = 36;

    private const TABS = 59;

    private const NAME = 48;

    private const BETWEEN = 28;

    private const MORE = 68;

    /** @var non-empty-list<Section> those that are seen at first */
    private array $seen;

    /**
     * @param  non-empty-list<Section>  $sections
     */
    public function __construct(private FrozenGallery $gallery, private array $sections, private Phrases $phrases)
    {
        $this->seen = $this->hasTabs() ? [$sections[0]] : $sections;
    }

    /**
     * @param  int  $width  px of the frame
     * @return positive-int px, rounded up
     */
    public function at(int $width): int
    {
        $inner = $width - 2 * $this->beside($width);
        $height = $this->words() + 2 * $this->above($width);
        foreach ($this->seen as $section) {
            $height += (new SectionHeights($section, $this->gallery->design->layout, self::MORE))->at(max(1.0, $inner));
        }

        // What is a px but for the rounding of a float is a px.
        return max(1, (int) ceil(round($height, 3)));
    }

    /**
     * Rules for a frame in a container of its own width.
     */
    public function css(Css $frame): Css
    {
        $rules = $sum = [];
        foreach ($this->seen as $number => $section) {
            $rules[] = (new SectionHeights($section, $this->gallery->design->layout, self::MORE))->css($frame, Css::of('--h{n}', ['n' => $number]));
            $sum[] = Css::of(' + var(--h{n})', ['n' => $number]);
        }

        return Css::all(...[...$rules, Css::of('{frame}{height:calc({words}px + {above}{sum})}', ['frame' => $frame, 'words' => $this->words(), 'sum' => Css::all(...$sum), 'above' => $this->aboveCss()])]);
    }

    /** px at each side of the tiles that margin, line and padding of the gallery take. */
    private function beside(int $width): float
    {
        return array_sum(array_map(static fn (array $side): float => min($side[0], $side[1] < 1.0 ? $side[1] * $width : $side[0]), $this->gallery->design->finish->ground->sides()));
    }

    /** px above the tiles, and below, that these take: the margin all of it, as its style has it. */
    private function above(int $width): float
    {
        $ground = $this->gallery->design->finish->ground;

        return $ground->margin + min($ground->padding, Ground::PADDING / 100 * $width) + $ground->lineWidth();
    }

    private function aboveCss(): Css
    {
        $ground = $this->gallery->design->finish->ground;

        return Css::of('{px}px + 2*min({padding}px,{cqw}cqw)', ['px' => 2 * ($ground->margin + $ground->lineWidth()), 'padding' => $ground->padding, 'cqw' => Ground::PADDING]);
    }

    /** Whether anything is to be read outside of pictures. */
    public function hasWords(): bool
    {
        return $this->words() > 0 || $this->gallery->design->finish->belowPicture() > 0;
    }

    private function words(): int
    {
        $about = $this->gallery->about;
        $named = array_filter($this->seen, static fn (Section $section): bool => $section->name !== null);

        return ($about->showsTitle ? self::TITLE : 0)
            + ($about->showsDescription && $about->description !== '' ? self::ABOUT : 0)
            + (in_array($this->gallery->design->viewer->click->hint, [HintPlace::Above, HintPlace::Below], true) ? self::HINT : 0)
            + ($this->hasTabs() ? self::TABS : self::NAME * count($named) + self::BETWEEN * (count($this->seen) - 1));
    }

    private function hasTabs(): bool
    {
        return (new Around('', $this->gallery, $this->sections, $this->phrases))->hasTabs;
    }
}
