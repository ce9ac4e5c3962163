<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Settings\Labelled;

/** Letters that ship with the program, and the page’s own. */
enum Font: string implements Labelled
{
    case Page = 'page';
    case Archivo = 'archivo';
    case SourceSerif = 'source-serif';

    public function label(): string
    {
        return match ($this) {
            self::Page => 'As the page',
            self::Archivo => 'Archivo',
            self::SourceSerif => 'Source Serif',
        };
    }
}
