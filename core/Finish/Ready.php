<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

/** Something ready to be taken: a finish, an effect, a drift; by what it does, in a line, and what it sets. */
final readonly class Ready
{
    /**
     * @param  string  $key  letters and hyphens; stays
     * @param  string  $says  what one will see
     * @param  array<string, array<string, mixed>>  $finish  what differs from a bare finish, nested as the settings
     */
    public function __construct(public string $key, public string $name, public string $says, public array $finish)
    {
    }

    /** The key of what is not dressed at all. */
    public const BARE = 'bare';

    /**
     * Six finishes; each goes with every layout, on light pages and on dark ones, with captions and without.
     *
     * @return non-empty-list<self>
     */
    public static function finishes(): array
    {
        return [
            new self(self::BARE, 'Bare', 'nothing but the picture', []),
            new self('marsh-light', 'Marsh light', 'words on dark glass, pictures brighten', [
                'captions' => ['place' => 'over', 'title' => true, 'caption' => true, 'lines' => 3, 'ground' => '#101a17', 'opacity' => 78],
                'edges' => ['corners' => 4],
                'pointed' => ['scale' => 105, 'brightness' => 108, 'duration' => 350],
                'arrival' => ['way' => 'rise', 'distance' => 24, 'step' => 60],
            ]),
            new self('mounted', 'Mounted', 'white mount, a hairline, words below', [
                'captions' => ['place' => 'below', 'title' => true, 'caption' => false, 'lines' => 1, 'align' => 'center', 'colour' => '#37454c'],
                'edges' => ['line' => 'solid', 'width' => 1, 'colour' => '#cfc9bb', 'mount' => 12, 'tile' => '#ffffff', 'shadow_opacity' => 16, 'shadow_y' => 3, 'shadow_blur' => 12],
                'pointed' => ['lift' => 5],
                'lettering' => ['size' => 13],
            ]),
            new self('night-shed', 'Night shed', 'black ground, dim until pointed at', [
                'captions' => ['place' => 'pointed', 'title' => true, 'caption' => false, 'lines' => 1, 'ground' => '#000000', 'opacity' => 80],
                'edges' => ['tile' => '#000000', 'corners' => 2],
                'ground' => ['colour' => '#0b0e10', 'padding' => 22],
                'pointed' => ['rest_opacity' => 80, 'duration' => 500, 'way' => 'rise'],
                'arrival' => ['way' => 'fade', 'duration' => 900, 'step' => 90],
            ]),
            new self('line-and-reel', 'Line and reel', 'grey until pointed at, a rust line', [
                'captions' => ['place' => 'below', 'title' => true, 'caption' => false, 'lines' => 1],
                'edges' => ['line' => 'double', 'width' => 5, 'colour' => '#a8432c', 'mount' => 3, 'tile' => null],
                'pointed' => ['rest_grey' => 100, 'duration' => 600, 'sign' => 'corners'],
                'lettering' => ['size' => 13, 'weight' => 500],
            ]),
            new self('sailcloth', 'Sailcloth', 'cloth ground, soft corners, a shadow', [
                'captions' => ['place' => 'none'],
                'edges' => ['corners' => 16, 'shadow_opacity' => 34, 'shadow_colour' => '#5a4320', 'shadow_y' => 8, 'shadow_blur' => 20, 'shadow_spread' => -2],
                'ground' => ['colour' => '#efe0c2', 'padding' => 26, 'corners' => 22],
                'pointed' => ['lift' => 8, 'scale' => 103, 'duration' => 300],
                'arrival' => ['way' => 'grow', 'step' => 70],
            ]),
        ];
    }

    /**
     * What tiles may do when they are pointed at.
     *
     * @return non-empty-list<self>
     */
    public static function effects(): array
    {
        return [
            self::effect('still', 'Still', 'nothing moves', []),
            self::effect('clears', 'Clears', 'dim at rest, then clear', ['rest_opacity' => 65, 'duration' => 400]),
            self::effect('thins', 'Thins', 'lets the ground through', ['opacity' => 60, 'duration' => 300]),
            self::effect('grows', 'Grows', 'larger within its frame', ['scale' => 110, 'duration' => 450]),
            self::effect('shrinks', 'Shrinks', 'steps back in its frame', ['scale' => 92, 'duration' => 350]),
            self::effect('rises', 'Rises', 'the tile is lifted', ['lift' => 10, 'duration' => 300]),
            self::effect('sharpens', 'Sharpens', 'blurred, then sharp', ['rest_blur' => 5, 'duration' => 500]),
            self::effect('blurs', 'Blurs', 'sharp, then soft, with a lens', ['blur' => 4, 'sign' => 'lens', 'duration' => 400]),
            self::effect('colours', 'Colours', 'grey, then in colour', ['rest_grey' => 100, 'duration' => 600]),
            self::effect('greys', 'Greys', 'in colour, then grey', ['grey' => 100, 'duration' => 500]),
            self::effect('brightens', 'Brightens', 'a little more light', ['brightness' => 122, 'duration' => 300]),
            self::effect('darkens', 'Darkens', 'less light, with a plus', ['brightness' => 68, 'sign' => 'plus', 'duration' => 300]),
            self::effect('tints', 'Tints', 'a breath of colour', ['tint_opacity' => 55, 'duration' => 350]),
            self::effect('wakes', 'Wakes', 'grey and small, then itself', ['rest_grey' => 100, 'rest_brightness' => 80, 'scale' => 106, 'duration' => 700, 'easing' => 'ease-in-out']),
        ];
    }

    /**
     * Six characters of drift, made of its parts.
     *
     * @return non-empty-list<self>
     */
    public static function drifts(): array
    {
        return [
            self::drift('at-rest', 'At rest', 'nothing drifts', []),
            self::drift('tide', 'Tide', 'columns against each other', ['lanes' => 'down', 'strength' => 100]),
            self::drift('washing-line', 'Washing line', 'rows to and fro', ['lanes' => 'across', 'strength' => 70, 'rim' => 6]),
            self::drift('loom', 'Loom', 'slanting columns, a soft rim', ['lanes' => 'down', 'strength' => 80, 'slant' => -8, 'rim' => 22, 'height' => 700]),
            self::drift('barge', 'Barge', 'all as one, slow and low', ['lanes' => 'single', 'strength' => 100, 'rim' => 0, 'height' => 420, 'phone_height' => 340]),
            self::drift('cross-wind', 'Cross wind', 'slanting rows, strong', ['lanes' => 'across', 'strength' => 100, 'slant' => 6, 'rim' => 14, 'way' => 'with']),
            self::drift('lift', 'Lift', 'columns up together', ['lanes' => 'down', 'alternates' => false, 'strength' => 100, 'way' => 'with', 'rim' => 30, 'height' => 560]),
        ];
    }

    /**
     * @param  array<string, mixed>  $pointed
     */
    private static function effect(string $key, string $name, string $says, array $pointed): self
    {
        return new self($key, $name, $says, ['pointed' => $pointed]);
    }

    /**
     * @param  array<string, mixed>  $drift
     */
    private static function drift(string $key, string $name, string $says, array $drift): self
    {
        return new self($key, $name, $says, ['drift' => $drift]);
    }
}
