<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Access\Door;
use App\Access\Look;
use App\Access\Opening;
use App\Http\FileAnswer;
use App\Models\Picture;
use App\Models\PictureKind;
use App\Publishing\GivenFiles;
use App\Publishing\LockedFiles;
use App\Publishing\PicturesOfPage;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Symfony\Component\HttpFoundation\Response;

/** A file of a picture that is not released: for people of the studio, for a phone that was let in to look at its page, for who has the password of its gallery; for others it is not there. */
final readonly class ShowMedia
{
    public function __construct(private Factory $disks, private GivenFiles $given, private Door $door, private Look $look, private PicturesOfPage $pages, private Opening $opening, private LockedFiles $locked)
    {
    }

    public function __invoke(Request $request, string $key, string $file): Response
    {
        $picture = Picture::query()->where('rendition_key', $key)->first();
        if ($picture === null || ! $this->may($request, $picture, $file)) {
            abort(404);
        }
        if ($picture->kind === PictureKind::Video) {
            return $this->ofVideo($picture, $file);
        }
        $given = $this->given->called($picture, $file);
        if ($given === null && ! isset($picture->renditions[$file])) {
            abort(404);
        }
        [$disk, $path] = $given ?? ['renditions', $picture->renditionFolder().'/'.$file];

        return FileAnswer::forOne($this->disks->disk($disk)->path($path));
    }

    private function may(Request $request, Picture $picture, string $file): bool
    {
        // Whoever signed out from elsewhere is a stranger here too.
        if ($request->user() !== null && ! $this->door->isEnded($request)) {
            return true;
        }
        $page = $this->look->page($request->cookie(Look::COOKIE));

        return ($page !== null && isset($picture->renditions[$file]) && $this->pages->shows($page, $picture))
            || $this->locked->has($this->opening->opened($request->cookie(Opening::COOKIE)), $picture->rendition_key, $file);
    }

    private function ofVideo(Picture $video, string $file): Response
    {
        return match (true) {
            $file === $video->videoFile() => FileAnswer::forOne($this->disks->disk('originals')->path($video->originalPath()), $video->media_type),
            $file === Picture::TRACK && $video->track !== '' => new Answer($video->track, 200, ['Content-Type' => 'text/vtt; charset=utf-8', 'Cache-Control' => 'private, no-store']),
            default => abort(404),
        };
    }
}
