<?php

declare(strict_types=1);

// Prints, as JSON, the boxes that the core computes: php boxes.php WIDTHS-JSON RATIOS-JSON DESIGN-JSON

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Box;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Layout\Arranger;

require __DIR__.'/../../vendor/autoload.php';

[, $widths, $ratios, $design] = $argv;
$arrangement = Arranger::layout(GalleryDesign::default()->with(json_decode($design, true)))
    ->arrange(array_map(static fn (float|int $ratio): Ratio => Ratio::of($ratio, 1), json_decode($ratios, true)));
echo json_encode(array_map(
    static fn (float|int $width): array => array_map(static fn (Box $box): array => $box->at($width), iterator_to_array($arrangement->at($width)->boxes)),
    json_decode($widths, true),
));
