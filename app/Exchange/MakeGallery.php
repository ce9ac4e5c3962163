<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Actions\QueueMissingRenditions;
use App\Intake\IntakeException;
use App\Intake\RichText;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Formats\GalleryFile;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;

/** Makes a gallery of files that came together, as they were understood. */
final readonly class MakeGallery
{
    public function __construct(private PicturesIn $pictures, private QueueMissingRenditions $missing, private Connection $database)
    {
    }

    /**
     * @param  callable(string $name, ?IntakeException $refused, ?Picture $picture): void  $told  called for every picture
     * @param  (callable(Gallery): void)|null  $noting  writes down, in the same transaction, that it was made
     *
     * @throws ExchangeException when it is a gallery that something is missing of; nothing was taken
     * @throws IntakeException when an original of such a gallery cannot be taken; no gallery was made
     */
    public function handle(Archive $archive, Draft $draft, callable $told, ?callable $noting = null): Gallery
    {
        $make = $draft->file === null ? $this->ofDraft($archive, $draft, $told) : $this->ofFile($archive, $draft->file, $told);
        $gallery = $this->database->transaction(static function () use ($make, $noting): Gallery {
            $gallery = $make();
            if ($noting !== null) {
                $noting($gallery);
            }

            return $gallery;
        });
        $this->missing->forGallery($gallery->id);

        return $gallery;
    }

    /**
     * @param  callable(string, ?IntakeException, ?Picture): void  $told
     * @return Closure(): Gallery what makes it, once its pictures are here
     */
    private function ofDraft(Archive $archive, Draft $draft, callable $told): Closure
    {
        $rows = $there = [];
        foreach ($this->pictures->ofDraft($archive, $draft, $told) as [$picture, $besides]) {
            if (! isset($there[$picture->id])) {
                $there[$picture->id] = true;
                $rows[] = ['picture_id' => $picture->id, ...$besides];
            }
        }

        return self::made(About::titled($draft->title)->with(['description' => $draft->description]), GalleryDesign::default(), Albums::none(), $rows);
    }

    /**
     * @param  callable(string, ?IntakeException, ?Picture): void  $told
     * @return Closure(): Gallery what makes it, once its pictures are here
     *
     * @throws ExchangeException|IntakeException
     */
    private function ofFile(Archive $archive, GalleryFile $file, callable $told): Closure
    {
        $originals = $this->originals($archive, $file);
        $pictures = $known = [];
        foreach ($file->pictures as $place => $entry) {
            [$pictures[$place], $known[$place]] = $archive->with($originals[$place], fn (string $path): array => $this->pictures->entry($entry, $path));
            $told($entry->name, null, $pictures[$place]);
        }
        foreach ($file->pictures as $place => $entry) {
            $entry->poster === null || $known[$place] || $pictures[$place]->update(['poster_id' => $pictures[$entry->poster]->id]);
        }
        $rows = [];
        foreach ($file->items as $item) {
            $words = array_filter($item->words->toArray(), static fn (string|bool|null $word): bool => $word !== null);
            $besides = $item->picture === null || ! $known[$item->picture] ? [] : PicturesIn::besides($pictures[$item->picture]->refresh()->words(), $file->pictures[$item->picture]->words->toArray());
            $rows[] = [
                'picture_id' => $item->picture === null ? null : $pictures[$item->picture]->id, 'text' => $item->text === null ? null : RichText::cleaned($item->text),
                ...$besides, ...$words,
                'album' => $item->album, 'is_hidden' => $item->isHidden, 'is_large' => $item->isLarge, 'click' => $item->click?->value,
            ];
        }
        $ground = $file->ground === null ? '' : $pictures[$file->ground]->id;

        return self::made($file->about, $file->design->with(['finish' => ['ground' => ['picture' => $ground]]]), $file->albums, $rows);
    }

    /**
     * All of them are looked at before one is taken.
     *
     * @return list<string> names in the archive, by place
     *
     * @throws ExchangeException when one is missing, or is another than it was
     */
    private function originals(Archive $archive, GalleryFile $file): array
    {
        $names = new Names($archive->names());
        $originals = [];
        foreach ($file->pictures as $entry) {
            $name = $names->of($entry->file, '') ?? throw ExchangeException::absent($entry->file);
            $archive->with($name, static fn (string $path): string => (string) hash_file('sha256', $path)) === $entry->hash() || throw ExchangeException::altered($entry->file);
            $originals[] = $name;
        }

        return $originals;
    }

    /**
     * @param  list<array<string, string|bool|null>>  $rows  of its items, in their order
     * @return Closure(): Gallery
     */
    private static function made(About $about, GalleryDesign $design, Albums $albums, array $rows): Closure
    {
        return static function () use ($about, $design, $albums, $rows): Gallery {
            $gallery = Gallery::query()->create([...$about->toArray(), 'design' => $design, 'albums' => $albums->toArray(), 'version' => 1]);
            foreach ($rows as $position => $row) {
                GalleryItem::query()->create(['id' => (string) Str::ulid(), 'gallery_id' => $gallery->id, 'position' => $position, ...$row]);
            }

            return $gallery;
        };
    }
}
