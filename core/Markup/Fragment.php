<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

/** A gallery ready to stand somewhere: its HTML and the CSS that goes with it. */
final readonly class Fragment
{
    /**
     * @param  string  $id  part of every selector
     * @param  ?string  $font  path of a file of letters that it is set in
     * @param  bool  $arrives  its tiles arrive, for which a browser may need a script
     * @param  ?string  $lock  gallery whose password opens it; null for none
     */
    public function __construct(public string $id, public string $html, public string $css, public ?string $font = null, public bool $arrives = false, public ?string $lock = null)
    {
    }
}
