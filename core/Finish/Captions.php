<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Group;
use ZincPane\Core\Settings\Kinds\ByItself;
use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Colour;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** The words on or under each tile. */
final readonly class Captions
{
    /** px between picture and caption below it, and inside one that lies over it. */
    public const ABOVE = 6;

    public const PAD_ACROSS = 11;

    public const PAD_DOWN = 7;

    /** Letters over a picture where nobody chose a colour. */
    public const LETTERS = '#ffffff';

    private const SHOWN = ['finish.captions.place' => [CaptionPlace::Below, CaptionPlace::Over, CaptionPlace::Pointed]];

    private const BELOW = ['finish.captions.place' => [CaptionPlace::Below]];

    private const OVER = ['finish.captions.place' => [CaptionPlace::Over, CaptionPlace::Pointed]];

    /**
     * @param  int  $lines  at most; kept below a picture whether they are filled or not
     * @param  ?string  $colour  of the letters; null is the page's own below a picture, white over one
     * @param  int  $opacity  per cent, of the ground behind the letters
     * @param  bool  $fades  the ground thins out towards the middle of the picture
     * @param  int  $hiddenBelow  px of the window's width; of captions over a picture
     * @param  int  $hiddenWithin  px of the gallery's inner width; of captions below a picture, which are part of its tile
     */
    private function __construct(
        #[Setting('Captions', new Choice(CaptionPlace::class), 'none', 'Captions')]
        public CaptionPlace $place,
        #[Setting('Title', new Flag, false, 'Captions', new When(self::SHOWN), 'title')]
        public bool $title,
        #[Setting('Caption', new Flag, true, 'Captions', new When(self::SHOWN), 'caption')]
        public bool $caption,
        #[Setting('Description', new Flag, false, 'Captions', new When(self::SHOWN), 'description')]
        public bool $description,
        #[Setting('Credit', new Flag, false, 'Captions', new When(self::SHOWN), 'credit')]
        public bool $credit,
        #[Setting('Lines at most', new WholeNumber(1, 6, words: [1 => '1 line']), 2, 'Captions', new When(self::SHOWN), '')]
        public int $lines,
        #[Setting('Set to the', new Choice(TextAlign::class), 'start', 'Captions', new When(self::SHOWN), '')]
        public TextAlign $align,
        #[Setting('In the picture', new Choice(CaptionAt::class), 'bottom', 'Captions', new When(self::OVER), '')]
        public CaptionAt $at,
        #[Setting('Letters', new ByItself(new Colour('#ffffff')), null, 'Captions', new When(self::SHOWN), '')]
        public ?string $colour,
        #[Setting('Behind the letters', new Colour('#101417'), '#101417', 'Captions', new When(self::OVER), '')]
        public string $ground,
        #[Setting('How solid', new WholeNumber(0, 100, '%'), 70, 'Captions', new When(self::OVER), '{} ground')]
        public int $opacity,
        #[Setting('Fading out', new Flag, false, 'Captions', new When(self::OVER), '')]
        public bool $fades,
        #[Setting('Hidden on pages narrower than', new WholeNumber(0, 1200, 'px', words: [0 => 'never hidden']), 0, 'Captions', new When(self::OVER), '')]
        public int $hiddenBelow,
        #[Setting('Hidden in galleries narrower than', new WholeNumber(0, 1200, 'px', words: [0 => 'never hidden']), 0, 'Captions', new When(self::BELOW), '')]
        public int $hiddenWithin,
    ) {
    }

    /** Whether they lie over the picture, always or when it is pointed at. */
    public function areOver(): bool
    {
        return $this->place === CaptionPlace::Over || $this->place === CaptionPlace::Pointed;
    }

    /** Colour of the letters over a picture. */
    public function lettersOver(): string
    {
        return $this->colour ?? self::LETTERS;
    }

    /** What the markup of a tile follows of them. */
    public function htmlFollows(): string
    {
        return implode(' ', [$this->place === CaptionPlace::None ? '' : ($this->areOver() ? 'over' : 'below'), ...array_keys(array_filter(['title' => $this->title, 'caption' => $this->caption, 'description' => $this->description, 'credit' => $this->credit]))]);
    }

    /**
     * @param  array<string, mixed>  $part  keys and values as they are stored
     */
    public function with(array $part): self
    {
        return Group::of(self::class)->read('captions', [...Group::of(self::class)->write($this), ...$part]);
    }
}
