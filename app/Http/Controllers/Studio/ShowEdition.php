<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Models\Edition;
use App\Publishing\ProofPages;
use Illuminate\Http\Response;

/** A gallery as it was when it went live. */
final class ShowEdition
{
    public function __invoke(Edition $edition, ProofPages $proofs): Response
    {
        return new Response($proofs->ofEdition($edition), 200, ['Cache-Control' => 'private, no-store']);
    }
}
