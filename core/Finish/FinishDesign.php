<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Kinds\Text;
use ZincPane\Core\Settings\Part;
use ZincPane\Core\Settings\Setting;

/** How the tiles of a gallery are dressed. */
final readonly class FinishDesign
{
    /** What belongs to one gallery alone and is never part of a finish that is kept, taken over or sent out. */
    public const ONES_OWN = ['own', 'named'];

    /**
     * @param  string  $named  key of the finish it was taken from and follows; empty for none
     */
    private function __construct(
        #[Part]
        public Captions $captions,
        #[Part]
        public Edges $edges,
        #[Part]
        public Ground $ground,
        #[Part]
        public Pointed $pointed,
        #[Part]
        public Arrival $arrival,
        #[Part]
        public Drift $drift,
        #[Part]
        public Lettering $lettering,
        #[Part]
        public OwnCss $own,
        #[Setting('Finish', new Text('^[a-z0-9][a-z0-9-]*$', 'the key of a finish', 40, false), '', '', null, '')]
        public string $named,
    ) {
    }

    /** px that the caption takes below every picture. */
    public function belowPicture(): int
    {
        return $this->captions->place === CaptionPlace::Below ? Captions::ABOVE + $this->captions->lines * $this->lettering->line() : 0;
    }

    /** The letters that something is set in: none have to be fetched for words that nobody sees. */
    public function lettersInUse(): Font
    {
        return $this->captions->place === CaptionPlace::None ? Font::Page : $this->lettering->font;
    }
}
