<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Publishing\LiveFiles;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A style sheet, a script, what an embed fetches, or what machines are told. */
final readonly class ShowLiveFile
{
    private const FEED = 'application/atom+xml';

    public function __construct(private LiveFiles $files)
    {
    }

    public function __invoke(Request $request, string $path): Response
    {
        $file = $this->files->find($path) ?? abort(404);

        return str_starts_with($path, 'assets/')
            ? FileAnswer::forEver($file)
            : FileAnswer::revalidated($file, $request, [...(str_starts_with($path, 'feed/') ? ['Content-Type' => self::FEED] : []), ...Headers::embed()]);
    }
}
