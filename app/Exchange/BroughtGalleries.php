<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Intake\IntakeException;
use App\Intake\Workshop;
use App\Models\Batch;
use App\Models\Gallery;
use App\Models\Picture;
use Illuminate\Config\Repository;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\ChangeException;

/** ZIPs that a gallery is to be made of: somebody looks at what was understood first. */
final readonly class BroughtGalleries
{
    public function __construct(private MakeGallery $make, private Factory $disks, private Workshop $workshop, private Repository $config)
    {
    }

    /**
     * @throws ExchangeException when no gallery can be made of it
     * @throws IntakeException when it is no ZIP that can be read
     */
    public function understood(Batch $batch): Draft
    {
        return Understand::of($this->opened($batch), $batch->name);
    }

    /**
     * @param  string  $title  of the gallery; empty for as it was understood
     *
     * @throws ChangeException when the title cannot be
     * @throws ExchangeException|IntakeException when no gallery can be made of it
     */
    public function begin(Batch $batch, string $title): void
    {
        $this->understood($batch);
        $batch->update(['state' => 'waiting', 'title' => $title === '' ? null : About::titled($title)->title]);
        $this->workshop->makeGallery($batch->id);
    }

    public function forget(Batch $batch): void
    {
        $this->disks->disk('parts')->delete($batch->id);
        $batch->delete();
    }

    public function make(Batch $batch): void
    {
        $batch->update(['state' => 'running', 'outcomes' => []]);
        try {
            $archive = $this->opened($batch);
            $draft = Understand::of($archive, $batch->name);
            $batch->update(['total' => count($draft->pictures)]);
            $this->make->handle($archive, $draft, static function (string $name, ?IntakeException $refused, ?Picture $picture) use ($batch): void {
                $batch->note($name, $refused === null ? 'ready' : 'failed', $refused?->getMessage() ?? '', $picture?->id);
            }, static function (Gallery $gallery) use ($batch): void {
                $batch->title === null || $gallery->update(['title' => $batch->title]);
                $batch->update(['gallery_id' => $gallery->id, 'state' => 'done']);
            });
        } catch (ExchangeException|IntakeException $refusal) {
            $batch->note($batch->name, 'failed', $refusal->getMessage());
            $batch->update(['state' => 'failed']);
        }
        $this->disks->disk('parts')->delete($batch->id);
    }

    /**
     * @throws IntakeException
     */
    private function opened(Batch $batch): ZipFiles
    {
        return ZipFiles::open($this->disks->disk('parts')->path($batch->id), $batch->name, $this->config);
    }
}
