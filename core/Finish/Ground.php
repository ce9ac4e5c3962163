<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Kinds\ByItself;
use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Colour;
use ZincPane\Core\Settings\Kinds\PictureOfStore;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** What a gallery as a whole stands on. */
final readonly class Ground
{
    /** Hundredths of the window that margin and padding take at most, so that a phone has room for pictures. */
    public const MARGIN = 3;

    public const PADDING = 4;

    private const LINED = ['finish.ground.line' => [LineStyle::Solid, LineStyle::Dashed, LineStyle::Dotted, LineStyle::Double]];

    /**
     * @param  ?string  $colour  null is the page's own ground
     * @param  int  $opacity  per cent, of the colour
     * @param  string  $picture  identifier of a picture of the store; empty for none
     * @param  int  $pictureOpacity  per cent
     * @param  int  $margin  px around it; 0 leaves it to the page
     * @param  int  $padding  px at each side
     * @param  int  $width  px of the line
     */
    private function __construct(
        #[Setting('Colour', new ByItself(new Colour('#f2f5f6')), null, 'Ground', null, '+{}')]
        public ?string $colour,
        #[Setting('How solid the colour is', new WholeNumber(0, 100, '%'), 100, 'Ground', null, '')]
        public int $opacity,
        #[Setting('Picture on the ground', new PictureOfStore, '', 'Ground', null, '+{}')]
        public string $picture,
        #[Setting('The picture', new Choice(GroundFit::class), 'cover', 'Ground', null, '')]
        public GroundFit $fit,
        #[Setting('How solid the picture is', new WholeNumber(0, 100, '%'), 40, 'Ground', null, '')]
        public int $pictureOpacity,
        #[Setting('Padding', new WholeNumber(0, 80, 'px'), 0, 'Ground', null, '+padding {}')]
        public int $padding,
        #[Setting('Margin', new WholeNumber(0, 120, 'px', words: [0 => 'the page’s own']), 0, 'Ground', null, '')]
        public int $margin,
        #[Setting('Line around it', new Choice(LineStyle::class), 'none', 'Ground', null, '')]
        public LineStyle $line,
        #[Setting('Width of the line around it', new WholeNumber(0, 20, 'px'), 1, 'Ground', new When(self::LINED), '')]
        public int $width,
        #[Setting('Colour of the line around it', new Colour, '#97a6ad', 'Ground', new When(self::LINED), '')]
        public string $lineColour,
        #[Setting('Corners of the ground', new WholeNumber(0, 80, 'px', words: [0 => 'square']), 0, 'Ground', null, '')]
        public int $corners,
    ) {
    }

    public function lineWidth(): int
    {
        return $this->line === LineStyle::None ? 0 : $this->width;
    }

    /**
     * What stands at each side of what is inside: px, and the share of the window that it takes at most.
     *
     * @return list<array{float, float}>
     */
    public function sides(): array
    {
        $sides = [[(float) $this->margin, self::MARGIN / 100], [(float) $this->padding, self::PADDING / 100], [(float) $this->lineWidth(), 1.0]];

        return array_values(array_filter($sides, static fn (array $side): bool => $side[0] > 0.0));
    }
}
