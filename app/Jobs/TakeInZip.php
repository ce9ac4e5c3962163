<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\AddPictures;
use App\Intake\IntakeException;
use App\Intake\Provenance;
use App\Intake\TakeIn;
use App\Intake\ZipPile;
use App\Models\Gallery;
use App\Models\Pile;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Takes in the pictures of a ZIP, one by one. Run again, it meets the ones it took before as known. */
final class TakeInZip implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 1;

    public int $timeout = 3600;

    public function __construct(public readonly string $pileId)
    {
    }

    public function handle(ZipPile $zip, TakeIn $intake, AddPictures $add, Factory $disks): void
    {
        $pile = Pile::query()->find($this->pileId);
        if ($pile === null) {
            return;
        }
        $path = $disks->disk('parts')->path($pile->id);
        $pile->update(['state' => 'running']);
        $zip->walk($path, $pile->name, function (string $name, ?string $file, ?IntakeException $refused) use ($pile, $intake, $add): void {
            if ($file === null) {
                $pile->note($name, 'failed', $refused?->getMessage() ?? '');

                return;
            }
            try {
                $taken = $intake->handle($file, $name, new Provenance('zip'));
                $gallery = $pile->gallery_id === null ? null : Gallery::query()->find($pile->gallery_id);
                if ($gallery !== null) {
                    $add->handle($gallery, [$taken->picture], $pile->user_id);
                }
                $pile->note($name, 'ready', $taken->notice ?? '', $taken->picture->id);
            } catch (IntakeException $exception) {
                $pile->note($name, 'failed', $exception->getMessage());
            }
        });
        $pile->update(['state' => 'done']);
        $disks->disk('parts')->delete($pile->id);
    }

    public function failed(?Throwable $exception): void
    {
        Pile::query()->whereKey($this->pileId)->update(['state' => 'failed']);
    }
}
