<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\Sources\SourceException;
use App\Intake\Sources\Sources;
use App\Jobs\TakeFilesOfSource;
use App\Models\Gallery;
use App\Models\Pile;

/** Begins to take pictures of a source in, in the background. */
final readonly class TakeSourceFiles
{
    public function __construct(private Sources $sources)
    {
    }

    /**
     * @param  list<string>  $files  identifiers
     *
     * @throws SourceException when there is no such source or file
     */
    public function handle(string $name, array $files, ?Gallery $gallery, ?string $userId): Pile
    {
        $source = $this->sources->named($name);
        foreach ($files as $file) {
            $source->get($file);
        }
        $pile = Pile::query()->create(['user_id' => $userId, 'gallery_id' => $gallery?->id, 'name' => $source->label(), 'total' => count($files)]);
        TakeFilesOfSource::dispatch($pile->id, $name, $files)->onQueue('piles');

        return $pile;
    }
}
