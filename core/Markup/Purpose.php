<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Markup\Style\Css;

/** What a gallery is drawn for. */
enum Purpose
{
    /** A place where the visitors' script runs. */
    case Live;

    /** The studio: pictures are measured by the browser, so that nothing but the style follows the layout. */
    case Proof;

    /** A page of somebody else's, where no script of ours runs and the styles of that page hold for everything. */
    case Plain;

    /** Where other people's rules hold too, as strong as two ids: what a page says of all pictures or lists is weaker. */
    public function selector(string $class): Css
    {
        $name = ['class' => Css::identifier($class)];

        return $this === self::Plain ? Css::of(':is(#zp#zp,.{class})', $name) : Css::of('.{class}', $name);
    }
}
