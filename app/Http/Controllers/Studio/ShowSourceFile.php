<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\FileAnswer;
use App\Intake\Sources\SourceException;
use App\Intake\Sources\Sources;
use Symfony\Component\HttpFoundation\Response;

/** A picture of a source, to be looked at. */
final class ShowSourceFile
{
    /**
     * @throws SourceException when there is no such source or file
     */
    public function __invoke(Sources $sources, string $source, string $file): Response
    {
        return FileAnswer::forOne($sources->named($source)->get($file)->path);
    }
}
