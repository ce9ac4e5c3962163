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
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** A file of a picture that is not released: for people of the studio, for a phone that was let in to look at its page, for who has the password of its gallery; for others it is not there. */
final readonly class ShowMedia
{
    public function __construct(private Factory $disks, private GivenFiles $given, private Door $door, private Look $look, private PicturesOfPage $pages, private Opening $opening, private LockedFiles $locked)
    {
    }

    public function __invoke(Request $request, string $key, string $file): Response
    {
        $picture = Picture::query()->where('rendition_key', $key)->first() ?? abort(404);
        $isOurs = $this->isOfStudio($request);
        if (! $isOurs && ! $this->isLookedAt($request, $picture, $file) && ! $this->locked->has($this->opening->opened($request->cookie(Opening::COOKIE)), $key, $file)) {
            abort(404);
        }
        if ($picture->kind === PictureKind::Video) {
            return $this->ofVideo($picture, $file, $isOurs);
        }
        $given = $this->given->called($picture, $file);
        if ($given === null && ! isset($picture->renditions[$file])) {
            abort(404);
        }
        [$disk, $path] = $given ?? ['renditions', $picture->renditionFolder().'/'.$file];

        return self::sent($this->disks->disk($disk)->path($path), $isOurs);
    }

    private function isOfStudio(Request $request): bool
    {
        // Whoever signed out from elsewhere is a stranger here too.
        return $request->user() !== null && ! $this->door->isEnded($request);
    }

    private function isLookedAt(Request $request, Picture $picture, string $file): bool
    {
        $page = $this->look->page($request->cookie(Look::COOKIE));

        return $page !== null && isset($picture->renditions[$file]) && $this->pages->shows($page, $picture);
    }

    /** What visitors have for a while is kept nowhere. */
    private static function sent(string $path, bool $isOurs, ?string $type = null): BinaryFileResponse
    {
        $answer = FileAnswer::forOne($path, $type);
        if (! $isOurs) {
            $answer->headers->set('Cache-Control', 'private, no-store');
        }

        return $answer;
    }

    /** People of the studio have it as it came; visitors without what it tells of place and time. */
    private function ofVideo(Picture $video, string $file, bool $isOurs): Response
    {
        if ($file === Picture::TRACK && $video->track !== '') {
            return new Answer($video->track, 200, ['Content-Type' => 'text/vtt; charset=utf-8', 'Cache-Control' => 'private, no-store']);
        }
        if ($file !== $video->videoFile()) {
            abort(404);
        }
        [$disk, $path] = $isOurs ? ['originals', $video->originalPath()] : $this->given->video($video);

        return self::sent($this->disks->disk($disk)->path($path), $isOurs, $video->media_type);
    }
}
