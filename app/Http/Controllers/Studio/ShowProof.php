<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Models\Gallery;
use App\Publishing\ProofPages;
use Illuminate\Http\Response;

/** The page a gallery stands on, with the gallery as it is saved now. */
final class ShowProof
{
    public function __invoke(Gallery $gallery, ProofPages $proofs): Response
    {
        return new Response($proofs->ofGallery($gallery), 200, ['Cache-Control' => 'private, no-store']);
    }
}
