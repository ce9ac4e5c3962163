<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Settings\Group;
use ZincPane\Core\Settings\Kinds\ByItself;
use ZincPane\Core\Settings\Kinds\Choice;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\When;

/** How a gallery stands in one place. */
final readonly class PaneDesign
{
    /** px that text beside a gallery keeps from it. */
    public const BESIDE = 28;

    /** px above and below by themselves: on a line of its own, and where text flows beside it. */
    private const SPACE = [[28, 40], [8, 20]];

    /**
     * @param  int  $px  of its width, where that is told in px
     * @param  ?int  $above  px of space; null is what the page has by itself
     * @param  ?int  $below  px of space; null is what the page has by itself
     */
    private function __construct(
        #[Setting('How wide', new Choice(PaneWidth::class), 'wide', 'Place')]
        public PaneWidth $width,
        #[Setting('Width', new WholeNumber(160, 2400, 'px'), 480, 'Place', new When(['width' => [PaneWidth::Px]]))]
        public int $px,
        #[Setting('Stands', new Choice(PaneSide::class), 'start', 'Place', new When(['width' => [PaneWidth::Half, PaneWidth::Text, PaneWidth::Px]]))]
        public PaneSide $side,
        #[Setting('Space above', new ByItself(new WholeNumber(0, 240, 'px')), null, 'Space')]
        public ?int $above,
        #[Setting('Space below', new ByItself(new WholeNumber(0, 240, 'px')), null, 'Space')]
        public ?int $below,
    ) {
    }

    public static function default(): self
    {
        return self::fromArray([]);
    }

    /**
     * @param  mixed  $values  as toArray() gives it; missing keys take their defaults
     *
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public static function fromArray(mixed $values): self
    {
        return Group::of(self::class)->read('place', $values);
    }

    /**
     * @param  mixed  $part  only what changes
     *
     * @throws SettingException when it is no group, a key is unknown or a value out of its range
     */
    public function with(mixed $part): self
    {
        return self::fromArray(is_array($part) ? [...$this->toArray(), ...$part] : $part);
    }

    /**
     * @return array<string, string|int|null>
     */
    public function toArray(): array
    {
        /** @var array<string, string|int|null> */
        return Group::of(self::class)->write($this);
    }

    /**
     * @return array<string, Setting> by key
     */
    public static function settings(): array
    {
        return Group::of(self::class)->settings;
    }

    /** Whether text flows beside it where there is room. */
    public function isBesideText(): bool
    {
        return in_array($this->width, [PaneWidth::Half, PaneWidth::Px], true) && $this->side !== PaneSide::Middle;
    }

    /** px of space above it. */
    public function spaceAbove(): int
    {
        return $this->above ?? self::SPACE[(int) $this->isBesideText()][0];
    }

    /** px of space below it. */
    public function spaceBelow(): int
    {
        return $this->below ?? self::SPACE[(int) $this->isBesideText()][1];
    }

    /** How it stands, in words: "half wide, to the left". */
    public function says(bool $isRightToLeft = false): string
    {
        $wide = match ($this->width) {
            PaneWidth::Half => 'half wide',
            PaneWidth::Text => 'as wide as the text',
            PaneWidth::Wide => 'wide',
            PaneWidth::Edges => 'from edge to edge',
            PaneWidth::Px => "{$this->px} px wide",
        };

        return $this->width->hasSides() ? $wide.', '.($this->side === PaneSide::Middle ? 'in the middle' : 'to the '.lcfirst($this->side->labelIn($isRightToLeft))) : $wide;
    }
}
