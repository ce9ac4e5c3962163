<?php

declare(strict_types=1);

namespace App\Imaging;

use ZincPane\Core\Geometry\Size;

/**
 * Decodes a picture once: upright, sRGB, without metadata, tidied, not wider than is asked for;
 * into an uncompressed file that renditions are cut from.
 */
final readonly class BaseMaker
{
    /** Taller than any picture: a size then speaks of the width alone. */
    public const ANY_HEIGHT = 100000;

    public function __construct(private Tools $tools, private Tidier $tidier)
    {
    }

    /**
     * @param  int  $width  px that the outcome needs at most
     * @param  string  $folder  to work in
     * @param  ?Flaws  $flaws  to note damage in that does not keep it from being read to its end
     * @return string path of the outcome
     *
     * @throws ImagingException when the file cannot be read to its end
     */
    public function make(Source $source, int $width, string $folder, ?Flaws $flaws = null): string
    {
        $base = "{$folder}/base.tif";
        $scale = min(1.0, $width / $source->size()->width);
        $wanted = max(1, (int) ceil($source->upright->width * $scale));
        // Written for a press, in cyan, magenta, yellow and black: only JPEG does that.
        $isInFourInks = $source->jpegChannels() === 4;
        $this->decode($isInFourInks ? $this->onScreen($source->path, "{$folder}/screen.tif") : $source->path, $base, $wanted, $flaws);
        $seen = min($wanted, $source->upright->width);

        return $this->tidier->tidied($base, Size::of($seen, $source->upright->heightFor($seen)), $source->recipe, $folder, '.tif');
    }

    /**
     * By the profile that the file brings along; by a common one of presses where it brings none.
     *
     * @return string path of the outcome
     *
     * @throws ImagingException when the file cannot be read to its end
     */
    private function onScreen(string $path, string $outcome): string
    {
        $this->tools->run('vips', ['icc_transform', $path, $outcome, 'srgb', '--embedded', '--input-profile', 'cmyk']);

        return $outcome;
    }

    /**
     * A picture without a profile is taken for sRGB: without that word the library would convert it
     * by another way, and shift its colours. Only grey ones without a profile it refuses then; they
     * need no conversion.
     *
     * @throws ImagingException when the file cannot be read to its end
     */
    private function decode(string $path, string $base, int $width, ?Flaws $flaws): void
    {
        // Metadata go here already: not every saver of the library leaves them out when told to.
        $command = ['thumbnail', $path, $base.'[strip]', (string) $width, '--height', (string) self::ANY_HEIGHT, '--size', 'down', '--fail-on', $flaws === null ? 'truncated' : 'warning'];
        try {
            $this->tools->run('vips', [...$command, '--export-profile', 'srgb', '--import-profile', 'srgb']);
        } catch (ImagingException $exception) {
            if (str_contains($exception->complaint, 'compatible input profile')) {
                $this->tools->run('vips', $command);
            } elseif ($flaws !== null) {
                // Damage that it can be read over is told; what cannot be read to its end fails once more.
                $this->decode($path, $base, $width, null);
                $flaws->note($exception->complaint);
            } else {
                throw $exception;
            }
        }
    }
}
