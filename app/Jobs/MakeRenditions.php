<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\MakePlannedRenditions;
use App\Faults\Cause;
use App\Imaging\ImagingException;
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

    /** A killed one counts as a try, and is to be taken up as often as it takes. */
    public int $tries = 0;

    public int $maxExceptions = 2;

    /** Seconds until the second of them. */
    public int $backoff = 3;

    public int $timeout = 300;

    public int $uniqueFor = 600;

    public function __construct(public readonly string $pictureId)
    {
    }

    public function uniqueId(): string
    {
        return $this->pictureId;
    }

    /**
     * @throws ImagingException when the original cannot be read
     */
    public function handle(MakePlannedRenditions $make): void
    {
        $picture = Picture::query()->find($this->pictureId);
        if ($picture !== null) {
            $make->handle($picture);
        }
    }

    /** It is tried again by itself, at ever longer intervals (App\Upkeep\Tend). */
    public function failed(?Throwable $exception): void
    {
        $cause = $exception === null ? null : Cause::of($exception);
        $picture = Picture::query()->find($this->pictureId);
        $picture?->update([
            'state' => PictureState::Failed,
            'failure' => $cause?->short() ?? 'Its smaller files could not be made; that is tried again by itself. If it stays so, take it out and send it again.',
            'tries' => $picture->tries + 1,
        ]);
    }
}
