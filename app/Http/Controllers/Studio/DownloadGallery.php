<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Exchange\GalleryOut;
use App\Http\FileOnce;
use App\Models\Gallery;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A gallery with its originals and words, to be taken along. */
final class DownloadGallery
{
    public function __invoke(Gallery $gallery, GalleryOut $out): StreamedResponse
    {
        return FileOnce::of(ltrim(Str::slug($gallery->title).'-gallery.zip', '-'), 'application/zip', static fn (string $path) => $out->write($gallery, $path));
    }
}
