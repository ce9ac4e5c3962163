<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Part;

/** What a click does, and how a picture is seen large. */
final readonly class ViewerDesign
{
    private function __construct(
        #[Part]
        public Click $click,
        #[Part]
        public ShownWords $words,
        #[Part]
        public Backdrop $backdrop,
        #[Part]
        public Controls $controls,
        #[Part]
        public Zoom $zoom,
        #[Part]
        public Turning $turning,
        #[Part]
        public Playing $playing,
        #[Part]
        public Giving $giving,
    ) {
    }

    /** How the stages tell it: "large view, to 4 times". */
    public function label(): string
    {
        $label = lcfirst($this->click->act->label());

        return $this->giving->pages && $this->click->act !== ClickAct::Page ? "{$label}, pages" : $label;
    }
}
