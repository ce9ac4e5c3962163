<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Finish;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Markup\Style\Css;

/** How the tiles of a gallery are dressed, but for what depends on where they stand. */
final readonly class FinishCss
{
    /**
     * @param  Css  $pane  selector of the gallery
     * @param  Css  $name  of the gallery, as part of names
     * @param  ?string  $ground  address of the picture on the ground
     */
    public function __construct(private Css $pane, private Css $name, private FinishDesign $finish, private Addresses $addresses, private ?string $ground)
    {
    }

    public function render(): Css
    {
        $finish = $this->finish;

        return Css::all(
            FontCss::faces($finish->lettersInUse(), $this->addresses),
            (new GroundCss($this->pane, $finish->ground, $this->ground))->render(),
            (new EdgesCss($this->pane, $finish))->render(),
            (new CaptionsCss($this->pane, $finish))->render(),
            (new PointedCss($this->pane, $finish->pointed))->render(),
            (new ArrivalCss($this->pane, $this->name, $finish->arrival))->render(),
        );
    }

    /** What the person wrote, last. */
    public function own(): Css
    {
        return self::ownOf($this->pane, $this->finish);
    }

    /** Its rules hold within the gallery alone (https://drafts.csswg.org/css-cascade-6/#scoped-styles). */
    public static function ownOf(Css $pane, FinishDesign $finish): Css
    {
        return $finish->own->css === '' ? Css::none() : Css::of('{s}{contain:layout;isolation:isolate}@scope ({s}){{own}}', ['s' => $pane, 'own' => Css::unsafeButReviewed($finish->own->css)]);
    }
}
