<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Actions\TidyPictures;
use App\Intake\IntakeException;
use App\Intake\Provenance;
use App\Intake\TakeIn;
use App\Models\Picture;
use App\Models\PictureKind;
use ZincPane\Core\Formats\PictureEntry;
use ZincPane\Core\Gallery\Words;

/** Takes pictures of a gallery from elsewhere into the store. One that is there already stays as it is, for all who show it. */
final readonly class PicturesIn
{
    public function __construct(private TakeIn $intake, private TidyPictures $tidy)
    {
    }

    /**
     * @param  string  $path  of its original
     * @return array{Picture, bool} and whether it was here before
     *
     * @throws IntakeException when the file is not one that can be taken
     */
    public function entry(PictureEntry $entry, string $path): array
    {
        $taken = $this->intake->handle($path, $entry->name, new Provenance($entry->source, focal: $entry->focal, licence: $entry->licence));
        $picture = $taken->picture;
        if (! $taken->isKnown) {
            $picture->update([...$entry->words->toArray(), 'keywords' => $entry->keywords, 'track' => $picture->kind === PictureKind::Video ? $entry->track : '']);
            if (! $entry->recipe->isPlain() && $picture->kind === PictureKind::Picture) {
                $this->tidy->handle($picture, $entry->recipe);
            }
        }

        return [$picture, $taken->isKnown];
    }

    /**
     * What was understood, one after the other; where one cannot be taken, the rest goes on.
     *
     * @param  callable(string $name, ?IntakeException $refused, ?Picture $picture): void  $told  called for every picture
     * @return list<array{Picture, array<string, string|bool>}> and what a gallery has to say of it
     */
    public function ofDraft(Archive $archive, Draft $draft, callable $told): array
    {
        $taken = [];
        foreach ($draft->pictures as $entry) {
            $name = basename($entry->file);
            try {
                // Words of an index go before those in the file.
                $picture = $archive->with($entry->file, fn (string $path): Picture => $this->intake->handle($path, $name, new Provenance('zip', $entry->words))->picture);
            } catch (IntakeException $refusal) {
                $told($name, $refusal, null);

                continue;
            }
            $told($name, null, $picture);
            $taken[] = [$picture, self::besides($picture->words(), $entry->words)];
        }

        return $taken;
    }

    /**
     * What a gallery has to say of a picture, so that its words are these.
     *
     * @param  array<string, string|bool>  $wanted  by field
     * @return array<string, string|bool> by field; none where the picture says it by itself
     */
    public static function besides(Words $own, array $wanted): array
    {
        $there = $own->toArray();

        return array_filter($wanted, static fn (string|bool $word, string $field): bool => $there[$field] !== $word, ARRAY_FILTER_USE_BOTH);
    }
}
