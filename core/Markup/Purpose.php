<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

/** What a gallery is drawn for. */
enum Purpose
{
    /** A place where the visitors' script runs. */
    case Live;

    /** The studio: pictures are measured by the browser, so that nothing but the style follows the layout. */
    case Proof;

    /** A page of somebody else's, where no script of ours runs and the styles of that page hold for everything. */
    case Plain;
}
