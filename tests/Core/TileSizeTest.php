<?php

declare(strict_types=1);

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\TileSize;

covers(TileSize::class);

it('makes the tiles of any layout larger by name, and leaves all else as it was', function (LayoutKind $kind): void {
    $own = GalleryDesign::default()->with(['layout' => ['kind' => $kind->value, 'gap' => 13, 'columns' => 5, 'last_row' => 'fill']]);
    $key = $kind->sizeKey();
    $last = 0;
    foreach ([...array_keys(TileSize::TILES), 80, 800] as $size) {
        $sized = TileSize::of($size)->in($own);
        $difference = $sized->differenceFrom($own)['layout'] ?? [];
        expect(array_diff(array_keys($difference), [$key, 'column_rule']))->toBe([]);
        if ($key !== null) {
            $px = $sized->toArray()['layout'][$key];
            $range = GalleryDesign::settings()["layout.{$key}"]->kind;
            expect($px)->toBe(is_int($size) ? max($range->least, min($range->most, $size)) : $px)->toBeGreaterThan(is_int($size) ? 0 : $last);
            $last = $px;
        }
    }
})->with(LayoutKind::cases());
