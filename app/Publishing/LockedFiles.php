<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Leads;

/** Which files of pictures who has opened a locked gallery is given, and nobody else. */
final readonly class LockedFiles
{
    public function __construct(private LiveFiles $files)
    {
    }

    public static function path(string $galleryId): string
    {
        return LiveFiles::GUARDED."/files/{$galleryId}.json";
    }

    /** JSON of all files of a gallery, by the folders in their addresses. */
    public static function of(FrozenGallery $gallery): string
    {
        $leads = new Leads($gallery, Addresses::rooted());
        $download = $gallery->design->viewer->giving->download;
        $files = [];
        foreach ([...$gallery->items, $gallery->ground] as $item) {
            if (! $item instanceof ShownPicture) {
                continue;
            }
            foreach ($item->renditions as $rendition) {
                $files[basename($item->address)][$rendition->fileName()] = true;
            }
            $worded = $leads->worded($item);
            $worded === null || $files[basename($item->address)][$worded] = true;
            $download->isOriginal() && $item->ending !== '' && $files[basename($item->address)]["{$download->fileStem()}.{$item->ending}"] = true;
            foreach ([$item->video?->address, $item->video?->track] as $address) {
                $address === null || $files[basename(dirname($address))][basename($address)] = true;
            }
        }

        return json_encode($files, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  list<string>  $opened  galleries
     * @param  string  $key  folder in the address
     */
    public function has(array $opened, string $key, string $file): bool
    {
        foreach ($opened as $id) {
            $path = $this->files->find(self::path($id));
            $files = $path === null ? [] : json_decode((string) file_get_contents($path), true, 4, JSON_THROW_ON_ERROR);
            $folder = is_array($files) ? $files[$key] ?? null : null;
            if (is_array($folder) && isset($folder[$file])) {
                return true;
            }
        }

        return false;
    }
}
