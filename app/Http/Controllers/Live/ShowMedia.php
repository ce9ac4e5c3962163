<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Models\Picture;
use App\Models\PictureKind;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A rendition that is not released: for people of the studio; for others it is not there. */
final readonly class ShowMedia
{
    public function __construct(private Factory $disks)
    {
    }

    public function __invoke(Request $request, string $key, string $file): Response
    {
        $picture = $request->user() === null ? null : Picture::query()->where('rendition_key', $key)->first();
        if ($picture !== null && $picture->kind === PictureKind::Video && $file === $picture->videoFile()) {
            return FileAnswer::forOne($this->disks->disk('originals')->path($picture->originalPath()), $picture->media_type);
        }
        if ($picture === null || ! isset($picture->renditions[$file])) {
            abort(404);
        }

        return FileAnswer::forOne($this->disks->disk('renditions')->path($picture->renditionFolder().'/'.$file));
    }
}
