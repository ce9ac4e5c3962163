<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Picture;

/** The outcome of taking in a file. */
final readonly class TakenIn
{
    /**
     * @param  bool  $isKnown  the same file was here before; nothing was stored
     * @param  ?string  $notice  what the person may want to know of it
     * @param  bool  $goesIn  into the gallery that it was sent to: words of a video go with it, wherever that is
     */
    public function __construct(public Picture $picture, public bool $isKnown, public ?string $notice, public bool $goesIn = true)
    {
    }
}
