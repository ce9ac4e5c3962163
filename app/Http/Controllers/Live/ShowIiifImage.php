<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Publishing\LargestFile;
use Symfony\Component\HttpFoundation\Response;

/** A picture in one of the sizes that its image service offers (https://iiif.io/api/image/3.0/, level 0). */
final readonly class ShowIiifImage
{
    public function __construct(private LargestFile $files)
    {
    }

    public function __invoke(string $key, string $size): Response
    {
        return FileAnswer::forEver($this->files->of($key, $size === 'max' ? null : (int) $size) ?? abort(404));
    }
}
