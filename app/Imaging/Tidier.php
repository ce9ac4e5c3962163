<?php

declare(strict_types=1);

namespace App\Imaging;

use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

/** Carries out a recipe on an upright picture in sRGB. */
final readonly class Tidier
{
    public function __construct(private Tools $tools)
    {
    }

    /**
     * @param  Size  $size  of the picture, px
     * @param  string  $folder  to work in
     * @param  string  $ending  of the outcome, with the saver's options
     * @return string path of the outcome: the given picture itself where the recipe leaves it as it is
     *
     * @throws ImagingException when the file cannot be read to its end
     */
    public function tidied(string $path, Size $size, Recipe $recipe, string $folder, string $ending): string
    {
        $steps = [...self::shaping($recipe, $size), ...$this->lighting($recipe, $path)];
        foreach ($steps as $i => [$operation, $arguments]) {
            $last = $i === count($steps) - 1;
            $outcome = "{$folder}/tidied-{$i}".($last ? $ending : '.tif');
            $this->tools->light()->run('vips', [$operation, $path, $outcome, ...$arguments]);
            $path = $last ? explode('[', $outcome)[0] : $outcome;
        }

        return $path;
    }

    /**
     * Turned, straightened and cropped.
     *
     * @return list<array{string, list<string>}> operation, its arguments
     */
    private static function shaping(Recipe $recipe, Size $size): array
    {
        if ($recipe->keepsShape()) {
            return [];
        }
        ['matrix' => $matrix, 'area' => $area] = $recipe->affine($size);

        return [['affine', [
            // The blank keeps a number below zero from being read as an option.
            ' '.implode(' ', array_map(self::number(...), $matrix)),
            '--oarea', " {$area['left']} {$area['top']} {$area['width']} {$area['height']}",
            // What lies a hair outside repeats the edge instead of a dark seam.
            '--extend', 'copy',
        ]]];
    }

    /**
     * Darker, lighter, flatter or harder; what shows through stays as it is.
     *
     * @return list<array{string, list<string>}> operation, its arguments
     *
     * @throws ImagingException when the file cannot be read
     */
    private function lighting(Recipe $recipe, string $path): array
    {
        if ($recipe->keepsLight()) {
            return [];
        }
        [$a, $b] = array_map(self::number(...), $recipe->light());
        $bands = (int) trim($this->tools->light()->run('vipsheader', ['-f', 'bands', $path]));
        $colours = $bands === 2 || $bands === 4 ? $bands - 1 : $bands;

        return [['linear', [
            ' '.implode(' ', [...array_fill(0, $colours, $a), ...array_fill(0, $bands - $colours, '1')]),
            ' '.implode(' ', [...array_fill(0, $colours, $b), ...array_fill(0, $bands - $colours, '0')]),
            '--uchar',
        ]]];
    }

    private static function number(float $value): string
    {
        return number_format($value, 10, '.', '');
    }
}
