<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Picture;
use App\Models\PictureKind;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Site\Page;
use ZipArchive;

/** What the galleries on a page ask for, put beside it. */
final readonly class PageFiles
{
    public function __construct(private Factory $disks, private GivenFiles $given)
    {
    }

    /**
     * @param  callable(string): FrozenGallery  $shown
     * @param  string  $html  the page as it was written
     */
    public function add(ZipArchive $zip, Page $page, callable $shown, string $html): void
    {
        foreach ($page->panes as $pane) {
            $gallery = $pane->exceptions->in($shown($pane->gallery));
            foreach ([...$gallery->items, $gallery->ground] as $item) {
                if ($item instanceof ShownPicture) {
                    $this->addRenditions($zip, $item);
                }
            }
        }
        // Videos, originals and fonts are not among the sizes of a picture, and only the page says which it wants.
        $this->addAsked($zip, $html);
    }

    /**
     * What pages ask for by address, and no more.
     *
     * @param  string  $html  of all of them
     */
    public function addAsked(ZipArchive $zip, string $html): void
    {
        foreach (self::asked($html) as $path) {
            if ($zip->locateName($path) !== false) {
                continue;
            }
            if (str_starts_with($path, 'fonts/')) {
                $zip->addFile(public_path($path), $path);
            } else {
                [, $key, $file] = explode('/', $path);
                $this->addGiven($zip, $path, Picture::query()->where('rendition_key', $key)->first(), $file);
            }
        }
    }

    /**
     * @return list<string> paths from the top
     */
    private static function asked(string $html): array
    {
        preg_match_all('~media/[0-9a-f]{24}/[a-z0-9-]+\.[a-z0-9]{2,4}|fonts/[a-z0-9-]+\.woff2~', $html, $named);
        $paths = $named[0];
        // The large view makes its addresses of a folder and the widths in it.
        preg_match_all('~data-at="[^"]*(media/[0-9a-f]{24})" data-files="([\d ]+)"~', $html, $large, PREG_SET_ORDER);
        foreach ($large as [, $folder, $widths]) {
            foreach (explode(' ', $widths) as $width) {
                $paths[] = "{$folder}/{$width}.webp";
            }
        }

        return array_values(array_unique($paths));
    }

    private function addRenditions(ZipArchive $zip, ShownPicture $picture): void
    {
        foreach ($picture->renditions as $rendition) {
            $file = Picture::folderOf(basename($picture->address)).'/'.$rendition->fileName();
            if ($this->disks->disk('renditions')->exists($file)) {
                $zip->addFile($this->disks->disk('renditions')->path($file), ltrim($picture->addressOf($rendition), '/'));
            }
        }
    }

    private function addGiven(ZipArchive $zip, string $path, ?Picture $picture, string $file): void
    {
        if ($picture?->kind === PictureKind::Video && $file === Picture::TRACK) {
            $zip->addFromString($path, $picture->track);

            return;
        }
        $found = match (true) {
            $picture === null => null,
            $picture->kind === PictureKind::Video => $file === $picture->videoFile() ? $this->given->video($picture) : null,
            isset($picture->renditions[$file]) => ['renditions', "{$picture->renditionFolder()}/{$file}"],
            default => $this->given->called($picture, $file),
        };
        $found === null || $zip->addFile($this->disks->disk($found[0])->path($found[1]), $path);
    }
}
