<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\MakePlannedRenditions;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Makes what renditions a picture still lacks; may be run any number of times. */
final class MakeRenditions implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 2;

    public int $timeout = 300;

    public int $uniqueFor = 600;

    public function __construct(public readonly string $pictureId)
    {
    }

    public function uniqueId(): string
    {
        return $this->pictureId;
    }

    public function handle(MakePlannedRenditions $make): void
    {
        $picture = Picture::query()->find($this->pictureId);
        if ($picture !== null) {
            $make->handle($picture);
        }
    }

    public function failed(?Throwable $exception): void
    {
        Picture::query()->whereKey($this->pictureId)->update([
            'state' => PictureState::Failed,
            'failure' => 'Its smaller files could not be made. Take it out and send it again.',
        ]);
    }
}
