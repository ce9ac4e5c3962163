<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use Illuminate\Contracts\View\View;

/** The shell of the studio; which screen it shows is told by the address. */
final class ShowStudio
{
    public function __invoke(): View
    {
        return view('studio');
    }
}
