<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\EmbedRefusal;
use App\Models\Gallery;
use App\Models\Site;
use ZincPane\Core\Embeds\EmbedSource;
use ZincPane\Core\Foreign;

/** Which file a page elsewhere is given that asks for a gallery. */
final readonly class EmbedAnswers
{
    public function __construct(private LiveFiles $files)
    {
    }

    /**
     * @param  string  $id  of the gallery
     * @param  string  $ending  of the file: ".html", ".de.json"
     * @param  ?string  $origin  of the page that asks, as its browser tells it
     * @param  bool  $isAround  the page is around a frame, so that the browser itself keeps others away
     */
    public function to(string $id, string $ending, ?string $origin, bool $isAround): EmbedAnswer
    {
        $path = EmbedSource::path($id).$ending;
        $file = $this->files->find($path);
        $kept = $file === null ? $this->files->find(LiveFiles::GUARDED."/{$path}") : null;
        $gallery = $kept === null ? null : Gallery::query()->find($id);
        if ($gallery === null) {
            return new EmbedAnswer($file ?? $this->instead(EmbedFiles::NONE, $ending), $file === null ? 404 : 200);
        }
        $guard = Guard::of($gallery, Site::query()->firstOrFail());
        $may = $guard->origins->allows($origin);
        if (! $may && $origin !== null) {
            EmbedRefusal::note($id, Foreign::word($origin, 200));
        }

        return $may || $isAround
            ? new EmbedAnswer((string) $kept, 200, $guard->origins)
            : new EmbedAnswer($this->instead(EmbedFiles::REFUSED, $ending), 403);
    }

    private function instead(string $what, string $ending): ?string
    {
        return $this->files->find(EmbedSource::path($what).$ending) ?? $this->files->find(EmbedSource::path($what).'.json');
    }
}
