<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Picture;
use App\Models\PictureKind;

/** The words of a video: a WebVTT file that lies beside it under the same name. */
final class TakeInTrack
{
    /**
     * @throws IntakeException when there is no video of the name, or nothing in it has a time
     */
    public function take(string $path, string $name): TakenIn
    {
        $text = str_replace(["\r\n", "\r"], "\n", mb_scrub(ltrim((string) file_get_contents($path), "\u{FEFF}"), 'UTF-8'));
        if (preg_match('/^(\d+:)?\d\d:\d\d\.\d{3}[ \t]+-->[ \t]+(\d+:)?\d\d:\d\d\.\d{3}/m', $text) !== 1) {
            throw IntakeException::noWords($name);
        }
        $video = $this->videoCalled(pathinfo($name, PATHINFO_FILENAME)) ?? throw IntakeException::noVideoForWords($name);
        $video->update(['track' => $text]);

        return new TakenIn($video, true, "“{$name}” holds the words of “{$video->name}”, and go with it now.", false);
    }

    /** The newest of that name; the language may follow it: "launch.de.vtt" belongs to "launch.mp4". */
    private function videoCalled(string $stem): ?Picture
    {
        foreach (array_unique([$stem, (string) preg_replace('/\.[a-z]{2,3}(-[A-Za-z]{2,4})?$/', '', $stem)]) as $called) {
            $video = Picture::query()->where('kind', PictureKind::Video)->whereNull('binned_at')
                ->whereIn('name', ["{$called}.mp4", "{$called}.m4v", "{$called}.webm"])->latest()->first();
            if ($video !== null) {
                return $video;
            }
        }

        return null;
    }
}
