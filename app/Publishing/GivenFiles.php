<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Imaging\ImagingException;
use App\Imaging\PlaceStripper;
use App\Imaging\VideoStripper;
use App\Imaging\WordsWriter;
use App\Models\Gallery;
use App\Models\OriginalName;
use App\Models\Picture;
use App\Models\PictureKind;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Leads;
use ZincPane\Core\Viewer\Download;
use ZincPane\Core\Wording\FileWords;

/** Originals that visitors may have: where a live gallery offers them, and nowhere else. */
final readonly class GivenFiles
{
    public function __construct(private Factory $disks, private LiveFiles $files, private PlaceStripper $stripper, private VideoStripper $videos, private WordsWriter $writer)
    {
    }

    /**
     * Needs the items with their pictures loaded.
     *
     * @throws ImagingException when a file cannot be written without its place
     */
    public function release(Gallery $gallery): void
    {
        $download = $gallery->design->viewer->giving->download;
        if (! $download->isOriginal()) {
            return;
        }
        foreach ($gallery->items as $item) {
            $picture = $item->picture;
            if ($picture !== null && ! $item->isKeptBack() && $picture->kind === PictureKind::Picture) {
                [$disk, $path, $file] = $this->file($picture, $download);
                $this->files->release($disk, $path, $picture->rendition_key, $file);
            }
        }
    }

    /**
     * Files of a gallery that are given with words in them, for visitors.
     *
     * @throws ImagingException when one cannot be written
     */
    public function releaseWorded(FrozenGallery $gallery): void
    {
        foreach ($this->worded($gallery) as [$key, $file]) {
            $this->files->release('renditions', Picture::folderOf($key)."/{$file}", $key, $file);
        }
    }

    /**
     * Writes those that are not there yet.
     *
     * @return list<array{string, string}> folder in the address, and name
     *
     * @throws ImagingException when one cannot be written
     */
    public function worded(FrozenGallery $gallery): array
    {
        $leads = new Leads($gallery, Addresses::rooted());
        $made = [];
        foreach ($gallery->design->viewer->giving->words ? $gallery->items : [] as $item) {
            $file = $item instanceof ShownPicture ? $leads->worded($item) : null;
            if ($item instanceof ShownPicture && $file !== null) {
                $key = basename($item->address);
                $made[] = [$key, $file];
                if (! $this->disks->disk('renditions')->exists(Picture::folderOf($key)."/{$file}")) {
                    $this->write($item, $key, $file, $gallery->design->viewer->giving->download);
                }
            }
        }

        return $made;
    }

    /**
     * @throws ImagingException when it cannot be written
     */
    private function write(ShownPicture $shown, string $key, string $file, Download $download): void
    {
        $picture = Picture::query()->where('rendition_key', $key)->first();
        [$disk, $path] = match (true) {
            $download === Download::Stripped && $picture !== null => $this->file($picture, $download),
            default => ['renditions', Picture::folderOf($key).'/'.Leads::large($shown)->fileName()],
        };
        $words = FileWords::of($shown->words, $shown->facts->rights, $shown->facts->licence);
        $this->writer->write($this->disks->disk($disk)->path($path), $this->disks->disk('renditions')->path(Picture::folderOf($key)."/{$file}"), $words->tags());
    }

    /**
     * @throws ImagingException when it cannot be written without what it tells of place, time and camera
     */
    public function releaseVideo(Picture $video): void
    {
        [$disk, $path, $file] = $this->video($video);
        $this->files->release($disk, $path, $video->rendition_key, $file);
    }

    /**
     * A video, without what it tells of place, time and camera.
     *
     * @return array{string, string, string} disk, path there, and the name it is published under
     *
     * @throws ImagingException when it cannot be written without them
     */
    public function video(Picture $video): array
    {
        $path = $video->renditionFolder().'/'.$video->videoFile();
        $disk = $this->disks->disk('renditions');
        if (! $disk->exists($path)) {
            $this->videos->strip($this->disks->disk('originals')->path($video->originalPath()), $disk->path($path));
        }

        return ['renditions', $path, $video->videoFile()];
    }

    /**
     * Takes back what no gallery that is live offers any more.
     *
     * @param  list<FrozenGallery>  $before  of which some file may have been given
     * @param  list<FrozenGallery>  $live
     */
    public function withdraw(array $before, array $live): void
    {
        foreach (array_diff(self::given($before), self::given($live)) as $address) {
            $this->files->withdrawFile(basename(dirname($address)), basename($address));
        }
    }

    /**
     * Where a file lies, or is laid first.
     *
     * @return array{string, string, string} disk, path there, and the name it is published under
     *
     * @throws ImagingException
     */
    public function file(Picture $picture, Download $download): array
    {
        $file = $download->fileStem().'.'.OriginalName::endingOf($picture->media_type);
        if ($download === Download::Original) {
            return ['originals', $picture->originalPath(), $file];
        }
        $path = $picture->renditionFolder().'/'.$file;
        $disk = $this->disks->disk('renditions');
        if (! $disk->exists($path)) {
            $this->stripper->strip($this->disks->disk('originals')->path($picture->originalPath()), $disk->path($path));
        }

        return ['renditions', $path, $file];
    }

    /**
     * Where the file of that name lies, for people of the studio; null where it is none of these.
     *
     * @return ?array{string, string, string} disk, path there, and name
     *
     * @throws ImagingException
     */
    public function called(Picture $picture, string $file): ?array
    {
        if (str_starts_with($file, 'worded-')) {
            $path = "{$picture->renditionFolder()}/{$file}";

            return $this->disks->disk('renditions')->exists($path) ? ['renditions', $path, $file] : null;
        }
        foreach ([Download::Original, Download::Stripped] as $download) {
            if ($file === $download->fileStem().'.'.OriginalName::endingOf($picture->media_type)) {
                return $this->file($picture, $download);
            }
        }

        return null;
    }

    /**
     * @param  list<FrozenGallery>  $galleries
     * @return list<string> addresses
     */
    private static function given(array $galleries): array
    {
        $given = [];
        foreach ($galleries as $gallery) {
            $leads = new Leads($gallery, Addresses::rooted());
            foreach ($gallery->items as $item) {
                $worded = $item instanceof ShownPicture ? $leads->worded($item) : null;
                if ($item instanceof ShownPicture && $worded !== null) {
                    $given[] = "{$item->address}/{$worded}";
                }
            }
            $download = $gallery->design->viewer->giving->download;
            foreach ($download->isOriginal() ? $gallery->items : [] as $item) {
                if ($item instanceof ShownPicture && $item->ending !== '') {
                    $given[] = "{$item->address}/{$download->fileStem()}.{$item->ending}";
                }
            }
        }

        return $given;
    }
}
