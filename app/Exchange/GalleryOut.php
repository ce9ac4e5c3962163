<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\OriginalName;
use App\Models\Picture;
use App\Models\PictureKind;
use App\Publishing\ZipOut;
use Illuminate\Contracts\Filesystem\Factory;
use RuntimeException;
use ZincPane\Core\Formats\GalleryFile;
use ZincPane\Core\Formats\ItemEntry;
use ZincPane\Core\Formats\PictureEntry;
use ZincPane\Core\Viewer\ClickAct;
use ZipArchive;

/** Writes a gallery with its originals and words into one file; of the same gallery always the same, byte by byte. */
final readonly class GalleryOut
{
    /** Of every entry: when it was written is no part of the gallery. The least that a ZIP can tell (1980). */
    private const TIME = 315532800;

    public function __construct(private Factory $disks)
    {
    }

    /**
     * @param  string  $path  of a file that is not there yet
     * @param  ?callable(int $done, int $all): void  $told
     */
    public function write(Gallery $gallery, string $path, ?callable $told = null): void
    {
        [$file, $originals] = $this->file($gallery);
        ZipOut::write($path, static fn (ZipArchive $zip) => self::fill($zip, $file, $originals, $told));
    }

    /**
     * @param  array<string, string>  $originals  their paths, by name in the file
     * @param  ?callable(int $done, int $all): void  $told
     */
    private static function fill(ZipArchive $zip, GalleryFile $file, array $originals, ?callable $told): void
    {
        self::add($zip, GalleryFile::NAME, static fn (string $name): bool => $zip->addFromString($name, self::json($file)));
        foreach ($originals as $name => $original) {
            self::add($zip, $name, static fn (string $name): bool => $zip->addFile($original, $name));
            // They are packed already.
            $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        $all = count($originals) + 1;
        $told === null || $zip->registerProgressCallback(1 / $all, static fn (float $share) => $told((int) round($share * $all), $all));
    }

    /** As it stands in the file: readable, and the same wherever it is written. */
    public static function json(GalleryFile $file): string
    {
        return json_encode($file->toArray(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION)."\n";
    }

    /**
     * @return array{GalleryFile, array<string, string>} and paths of the originals, by their names in the file
     */
    public function file(Gallery $gallery): array
    {
        $gallery->load(Gallery::ITEMS);
        $places = $entries = $originals = [];
        $place = function (Picture $picture) use (&$place, &$places, &$entries, &$originals): int {
            if (! isset($places[$picture->id])) {
                $places[$picture->id] = count($places);
                $entries[$places[$picture->id]] = null;
                $poster = $picture->kind === PictureKind::Video && $picture->poster !== null ? $place($picture->poster) : null;
                $entry = self::entry($picture, $poster);
                $entries[$places[$picture->id]] = $entry;
                $originals[$entry->file] = $this->disks->disk('originals')->path($picture->originalPath());
            }

            return $places[$picture->id];
        };
        $items = array_values($gallery->items->map(static fn (GalleryItem $item): ItemEntry => new ItemEntry(
            $item->picture === null ? null : $place($item->picture), $item->picture === null ? (string) $item->text : null,
            $item->ownWords(), $item->album, $item->is_hidden, $item->is_large, ClickAct::tryFrom($item->click ?? ''),
        ))->all());
        $on = $gallery->design->finish->ground->picture;
        $ground = $on === '' ? null : Picture::query()->find($on);

        $groundPlace = $ground === null ? null : $place($ground);

        return [new GalleryFile($gallery->about(), $gallery->design, $gallery->albumsInUse(), array_values(array_filter($entries)), $items, $groundPlace), $originals];
    }

    private static function entry(Picture $picture, ?int $poster): PictureEntry
    {
        return new PictureEntry(
            GalleryFile::ORIGINALS."/{$picture->hash}.".($picture->kind === PictureKind::Video ? pathinfo($picture->videoFile(), PATHINFO_EXTENSION) : OriginalName::endingOf($picture->media_type)), $picture->name, $picture->words(), $picture->keywords,
            $picture->focal_by === 'person' ? [$picture->focal_x, $picture->focal_y] : null, $picture->recipe(), $picture->source, $picture->licence, $poster, $picture->track,
        );
    }

    /**
     * @param  callable(string): bool  $add
     */
    private static function add(ZipArchive $zip, string $name, callable $add): void
    {
        $add($name) || throw new RuntimeException("{$name} cannot be written.");
        $zip->setMtimeName($name, self::TIME);
    }
}
