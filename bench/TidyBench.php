<?php

declare(strict_types=1);

namespace Bench;

use App\Intake\TakeIn;
use App\Jobs\MakeRenditions;

/** From a moved slider to the true outcome of a recipe on a picture of 24 megapixels, through HTTP. */
final class TidyBench
{
    /**
     * @return array<string, int|float>
     */
    public static function run(string $folder): array
    {
        $path = "{$folder}/tidy.jpg";
        CameraFile::make($path, 6000, 4000);
        $picture = app(TakeIn::class)->handle($path, 'tidy.jpg')->picture;
        app()->call([new MakeRenditions($picture->id), 'handle']);
        $studio = new ServedStudio;
        try {
            // Everything at once: turned, straightened, cropped and lit.
            return Stopwatch::time(static function (int $run) use ($studio, $picture): void {
                $recipe = ['turn' => $run % 4, 'straighten' => 3.5, 'brightness' => $run, 'contrast' => 20, 'crop' => ['left' => 0.1, 'top' => 0.1, 'width' => 0.8, 'height' => 0.8]];
                $studio->send('GET', "pictures/{$picture->id}/tidied?recipe=".urlencode((string) json_encode($recipe)));
            }, 21);
        } finally {
            $studio->stop();
        }
    }
}
