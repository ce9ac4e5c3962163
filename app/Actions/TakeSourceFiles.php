<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\Sources\SourceException;
use App\Intake\Sources\Sources;
use App\Intake\Workshop;
use App\Models\Batch;
use App\Models\Gallery;

/** Begins to take pictures of a source in, in the background. */
final readonly class TakeSourceFiles
{
    public function __construct(private Sources $sources, private Workshop $workshop)
    {
    }

    /**
     * @param  list<string>  $files  identifiers
     *
     * @throws SourceException when there is no such source or file
     */
    public function handle(string $name, array $files, ?Gallery $gallery, ?string $userId): Batch
    {
        $source = $this->sources->named($name);
        foreach ($files as $file) {
            $source->get($file);
        }
        $batch = Batch::query()->create(['user_id' => $userId, 'gallery_id' => $gallery?->id, 'name' => $source->label(), 'total' => count($files), 'order' => ['source' => $name, 'files' => $files]]);
        $this->workshop->takeFilesOfSource($batch->id, $name, $files);

        return $batch;
    }
}
