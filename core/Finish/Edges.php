<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Kinds\ByItself;
use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\Colour;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\When;

/** What is drawn around each picture: line, mount, corners, shadow. */
final readonly class Edges
{
    /** px of corners from which on they are round. */
    public const ROUND = 200;

    private const LINED = ['finish.edges.line' => [LineStyle::Solid, LineStyle::Dashed, LineStyle::Dotted, LineStyle::Double]];

    /**
     * @param  int  $width  px of the line
     * @param  int  $opacity  per cent, of the line
     * @param  int  $mount  px between line and picture
     * @param  ?string  $tile  colour behind picture and caption, seen in the mount; null for none
     * @param  int  $corners  px
     * @param  int  $shadowOpacity  per cent; 0 is no shadow
     */
    private function __construct(
        #[Setting('Line', new Choice(LineStyle::class), 'none', 'Edges', null, '{}')]
        public LineStyle $line,
        #[Setting('Width of the line', new WholeNumber(0, 40, 'px'), 1, 'Edges', new When(self::LINED))]
        public int $width,
        #[Setting('Colour of the line', new Colour, '#97a6ad', 'Edges', new When(self::LINED), '')]
        public string $colour,
        #[Setting('How solid the line is', new WholeNumber(0, 100, '%'), 100, 'Edges', new When(self::LINED), '')]
        public int $opacity,
        #[Setting('Corners', new WholeNumber(0, self::ROUND, 'px', words: [0 => 'square', self::ROUND => 'round']), 0, 'Edges', null, '+corners {}')]
        public int $corners,
        #[Setting('Mount, between line and picture', new WholeNumber(0, 60, 'px', words: [0 => 'none']), 0, 'Edges', null, '+mount {}')]
        public int $mount,
        #[Setting('Ground of the tile, seen in the mount', new ByItself(new Colour('#ffffff')), null, 'Edges', null, '')]
        public ?string $tile,
        #[Setting('Shadow', new WholeNumber(0, 100, '%', words: [0 => 'no shadow']), 0, 'Edges', null, '+shadow {}')]
        public int $shadowOpacity,
        #[Setting('Colour of the shadow', new Colour, '#101417', 'Edges', new When(['finish.edges.shadow_opacity' => [When::MORE_THAN_NONE]]), '')]
        public string $shadowColour,
        #[Setting('Shadow to the side', new WholeNumber(-40, 40, 'px'), 0, 'Edges', new When(['finish.edges.shadow_opacity' => [When::MORE_THAN_NONE]]), '')]
        public int $shadowX,
        #[Setting('Shadow down', new WholeNumber(-40, 40, 'px'), 6, 'Edges', new When(['finish.edges.shadow_opacity' => [When::MORE_THAN_NONE]]), '')]
        public int $shadowY,
        #[Setting('How soft the shadow is', new WholeNumber(0, 80, 'px'), 18, 'Edges', new When(['finish.edges.shadow_opacity' => [When::MORE_THAN_NONE]]), '')]
        public int $shadowBlur,
        #[Setting('How far the shadow spreads', new WholeNumber(-20, 40, 'px'), 0, 'Edges', new When(['finish.edges.shadow_opacity' => [When::MORE_THAN_NONE]]), '')]
        public int $shadowSpread,
    ) {
    }

    /** px of the line; 0 where there is none. */
    public function lineWidth(): int
    {
        return $this->line === LineStyle::None ? 0 : $this->width;
    }

    /** px between the edge of a tile and its picture, at each side. */
    public function inset(): int
    {
        return $this->lineWidth() + $this->mount;
    }
}
