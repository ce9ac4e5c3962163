<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\FileOnce;
use App\Models\Gallery;
use App\Publishing\GalleryZip;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A gallery as pages for any host. */
final class DownloadGalleryPages
{
    public function __invoke(Gallery $gallery, GalleryZip $pages): StreamedResponse
    {
        return FileOnce::of(ltrim(Str::slug($gallery->title).'-pages.zip', '-'), 'application/zip', static fn (string $path) => $pages->write($gallery, $path));
    }
}
