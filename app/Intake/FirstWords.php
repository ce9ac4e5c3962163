<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Picture;
use Illuminate\Support\Carbon;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Wording\FileFacts;
use ZincPane\Core\Wording\TitleFromName;

/** The words a picture begins with: those that came with it, else those in the file, else a title from its name. */
final class FirstWords
{
    public function fill(Picture $picture, FileFacts $facts, Provenance $from): void
    {
        $title = TitleFromName::titleOf($picture->name);
        $words = ItemWords::parse([...($title === null ? [] : ['title' => $title]), ...$facts->words, ...$from->words])->over(new Words);
        $picture->fill([
            ...$words->toArray(),
            'keywords' => implode(', ', array_unique([...$from->keywords, ...$facts->keywords])),
            'rights' => $facts->rights,
            'camera' => $facts->camera,
            'lens' => $facts->lens,
            'exposure' => $facts->exposure,
            'place' => $facts->place,
            'tells_place' => $facts->tellsPlace,
            'offered' => $facts->words,
            'taken_at' => $facts->takenAt === null ? null : Carbon::createFromTimestampUTC($facts->takenAt),
            'taken_milliseconds' => $facts->time->milliseconds ?? 0,
            'taken_offset' => $facts->time?->offset,
        ]);
    }
}
