<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Picture;
use Illuminate\Config\Repository;
use Illuminate\Database\Connection;
use Illuminate\Database\UniqueConstraintViolationException;

/** Takes one file into the store: every way in comes through here. */
final readonly class TakeIn
{
    public function __construct(
        private TakeInPicture $pictures,
        private TakeInVideo $videos,
        private TakeInTrack $words,
        private Originals $originals,
        private LookAlikeFinder $lookAlikes,
        private Repository $config,
        private Connection $database,
    ) {
    }

    /**
     * @param  string  $path  of a file that may be read, and is left as it is
     * @param  string  $givenName  as the sender called it
     * @param  Provenance  $from  where it comes from, and what is known of it from there
     *
     * @throws IntakeException when the file is not one that can be taken; nothing was stored
     */
    public function handle(string $path, string $givenName, Provenance $from = new Provenance): TakenIn
    {
        $name = FileName::clean($givenName);
        $type = $this->checked($path, $name);
        if ($type === FileType::WebVtt) {
            return $this->words->take($path, $name);
        }
        $hash = (string) hash_file('sha256', $path);
        $known = Picture::query()->where('hash', $hash)->first();
        if ($known !== null) {
            return $this->known($known, $name);
        }
        $picture = new Picture([
            'hash' => $hash, 'name' => $name, 'media_type' => $type->value, 'bytes' => (int) filesize($path), 'source' => $from->source, 'licence' => $from->licence,
        ]);
        $taken = $type->isVideo() ? $this->videos : $this->pictures;
        $told = $taken->prepare($picture, $path, $from);
        $this->originals->keep($picture, $path);
        try {
            $this->database->transaction(static function () use ($picture, $taken): void {
                $picture->save();
                $taken->record($picture);
            });
        } catch (UniqueConstraintViolationException) {
            // The same file came twice at once; the other one was a moment earlier.
            return $this->known(Picture::query()->where('hash', $hash)->firstOrFail(), $name);
        }
        $taken->finish($picture);

        return new TakenIn($picture, false, $this->notice($picture, $type, $told));
    }

    /**
     * @throws IntakeException
     */
    private function checked(string $path, string $name): FileType
    {
        $bytes = (int) filesize($path);
        if ($bytes === 0) {
            throw IntakeException::empty($name);
        }
        $type = FileType::sniff($path, $name);
        if ($type === FileType::Zip) {
            throw IntakeException::zipInside($name);
        }
        $limit = $this->config->integer(match (true) {
            $type === FileType::WebVtt => 'zinc.limits.track_bytes',
            $type->isVideo() => 'zinc.limits.video_bytes',
            default => 'zinc.limits.bytes',
        });
        if ($bytes > $limit) {
            throw IntakeException::tooLarge($name, $limit);
        }

        return $type;
    }

    /**
     * @param  list<string>  $told  of the picture itself
     */
    private function notice(Picture $picture, FileType $type, array $told): ?string
    {
        $alike = $this->lookAlikes->find($picture);
        $all = array_filter([
            $type->fits($picture->name) ? null : "“{$picture->name}” is really a {$type->label()} file and was taken as one.",
            ...$told,
            $alike === null ? null : "“{$picture->name}” looks much like “{$alike->name}”; keep the better one.",
        ], static fn (?string $said): bool => $said !== null);

        return $all === [] ? null : implode(' ', $all);
    }

    private function known(Picture $picture, string $name): TakenIn
    {
        if ($picture->binned_at !== null) {
            $picture->update(['binned_at' => null]);

            return new TakenIn($picture, true, "“{$name}” was in the bin as “{$picture->name}” and is back.");
        }

        return new TakenIn($picture, true, "“{$name}” is here already as “{$picture->name}”; it was not stored twice.");
    }
}
