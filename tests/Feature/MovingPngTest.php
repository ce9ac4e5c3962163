<?php

declare(strict_types=1);

use App\Imaging\AnimatedPng;
use App\Imaging\ImagingException;
use App\Imaging\PngFrames;
use App\Models\Picture;

/* PNG files that hold several pictures: written here as the specification says, and by nothing of ours. */

const CELL = 16;

const COLOURS = ['red' => 0xC03020, 'blue' => 0x2040C0, 'white' => 0xF0F0F0, 'nothing' => 127 << 24];

/** Data of a picture whose cells have these colours. */
function pngData(array $cells): string
{
    $image = imagecreatetruecolor(count($cells[0]) * CELL, count($cells) * CELL);
    imagesavealpha($image, true);
    imagealphablending($image, false);
    foreach ($cells as $y => $row) {
        foreach ($row as $x => $colour) {
            imagefilledrectangle($image, $x * CELL, $y * CELL, $x * CELL + CELL - 1, $y * CELL + CELL - 1, COLOURS[$colour]);
        }
    }
    ob_start();
    imagepng($image);
    $png = (string) ob_get_clean();
    $at = strpos($png, 'IDAT');

    return substr($png, $at + 4, unpack('N', substr($png, $at - 4, 4))[1]);
}

/**
 * @param  list<array{cells: list<list<string>>, x: int, y: int, disposal: int, over: int, data?: string, wide?: int}>  $frames  places in cells
 */
function movingPng(string $path, int $columns, int $rows, array $frames, ?int $told = null): string
{
    $chunk = fn (string $name, string $contents): string => pack('N', strlen($contents)).$name.$contents.pack('N', crc32($name.$contents));
    $file = "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNCCCCC', $columns * CELL, $rows * CELL, 8, 6, 0, 0, 0)).$chunk('acTL', pack('NN', $told ?? count($frames), 0));
    $order = 0;
    foreach ($frames as $i => $frame) {
        $file .= $chunk('fcTL', pack('NNNNNnnCC', $order++, $frame['wide'] ?? count($frame['cells'][0]) * CELL, count($frame['cells']) * CELL, $frame['x'] * CELL, $frame['y'] * CELL, 12, 100, $frame['disposal'], $frame['over']));
        $data = $frame['data'] ?? pngData($frame['cells']);
        $file .= $i === 0 ? $chunk('IDAT', $data) : $chunk('fdAT', pack('N', $order++).$data);
    }
    file_put_contents($path, $file.$chunk('IEND', ''));

    return $path;
}

/** A red whole, a blue cell laid on it that goes again, and one at the left that empties what is there. */
function wheel(string $path, array $second = [], ?int $told = null): string
{
    $whole = array_fill(0, 3, array_fill(0, 4, 'red'));

    return movingPng($path, 4, 3, [
        ['cells' => $whole, 'x' => 0, 'y' => 0, 'disposal' => 0, 'over' => 0],
        ['cells' => [['blue']], 'x' => 1, 'y' => 1, 'disposal' => 2, 'over' => 1, ...$second],
        ['cells' => [['nothing']], 'x' => 0, 'y' => 1, 'disposal' => 0, 'over' => 0],
    ], $told);
}

/**
 * The colours of all cells of all pictures in a file that moves, by libvips.
 *
 * @return list<list<list<string>>>
 */
function cellsOf(string $file, int $columns, int $rows, int $pictures, string $folder): array
{
    exec('vips copy '.escapeshellarg("{$file}[n=-1]").' '.escapeshellarg("{$folder}/all.png"), $out, $status);
    expect($status)->toBe(0);
    $image = imagecreatefrompng("{$folder}/all.png");
    expect([imagesx($image), imagesy($image)])->toBe([$columns * CELL, $rows * CELL * $pictures]);
    $colour = function (int $x, int $y) use ($image): string {
        $at = imagecolorsforindex($image, imagecolorat($image, $x * CELL + CELL / 2, $y * CELL + CELL / 2));

        return match (true) {
            $at['alpha'] > 120 => 'nothing',
            $at['green'] > 180 => 'white',
            default => $at['red'] > $at['blue'] ? 'red' : 'blue',
        };
    };

    return array_map(fn (int $picture): array => array_map(fn (int $y): array => array_map(fn (int $x): string => $colour($x, $picture * $rows + $y), range(0, $columns - 1)), range(0, $rows - 1)), range(0, $pictures - 1));
}

it('moves for visitors', function (): void {
    $this->signIn();
    $gallery = $this->emptyGallery();
    $told = $this->upload($gallery, wheel("{$this->files}/wheel.png"))->assertCreated()->json('notice');
    $picture = Picture::query()->sole();
    expect($picture->is_moving)->toBeTrue()->and($told)->toBe('“wheel.png” moves, and visitors see it move.');
    $file = "{$this->files}/renditions/{$picture->renditionFolder()}/64.webp";
    expect(cellsOf($file, 4, 3, 3, $this->files)[1])->toBe([['red', 'red', 'red', 'red'], ['red', 'blue', 'red', 'red'], ['red', 'red', 'red', 'red']])
        ->and(trim((string) shell_exec('vipsheader -f delay '.escapeshellarg($file))))->toBe('120 120 120');
});

it('is taken as a still, and told so, where its other pictures cannot be read', function (array $second, ?int $told): void {
    $this->signIn();
    $notice = $this->upload($this->emptyGallery(), wheel("{$this->files}/wheel.png", $second, $told))->assertCreated()->json('notice');
    $picture = Picture::query()->sole();
    expect($picture->is_moving)->toBeFalse()->and($notice)->toContain('is taken as a still: a picture after the first cannot be read')
        ->and("{$this->files}/renditions/{$picture->renditionFolder()}/64.webp")->toBeFile();
})->with(['more told than there are' => [[], 4], 'one beyond the edge' => [['wide' => 30_000], null], 'one that is no picture' => [['data' => 'nothing'], null]]);

it('lays its pictures on one another as the file says, whatever it says', function (int $seed): void {
    $dice = dice($seed);
    [$columns, $rows] = [$dice->getInt(1, 5), $dice->getInt(1, 4)];
    $cells = fn (int $wide, int $high): array => array_map(fn (): array => array_map(fn (): string => array_keys(COLOURS)[$dice->getInt(0, 3)], range(1, $wide)), range(1, $high));
    $frames = [['cells' => $cells($columns, $rows), 'x' => 0, 'y' => 0, 'disposal' => $dice->getInt(0, 1), 'over' => $dice->getInt(0, 1)]];
    for ($i = $dice->getInt(1, 6); $i > 0; $i--) {
        [$x, $y] = [$dice->getInt(0, $columns - 1), $dice->getInt(0, $rows - 1)];
        $frames[] = ['cells' => $cells($dice->getInt(1, $columns - $x), $dice->getInt(1, $rows - $y)), 'x' => $x, 'y' => $y, 'disposal' => $dice->getInt(0, 2), 'over' => $dice->getInt(0, 1)];
    }
    // By cells and in words, as one would with scissors and paper.
    $table = array_fill(0, $rows, array_fill(0, $columns, 'nothing'));
    $wanted = [];
    foreach ($frames as $frame) {
        $before = $table;
        foreach ($frame['cells'] as $y => $row) {
            foreach ($row as $x => $colour) {
                if ($frame['over'] === 0 || $colour !== 'nothing') {
                    $table[$frame['y'] + $y][$frame['x'] + $x] = $colour;
                }
            }
        }
        $wanted[] = $table;
        foreach ($frame['cells'] as $y => $row) {
            foreach (array_keys($row) as $x) {
                $place = &$table[$frame['y'] + $y][$frame['x'] + $x];
                $place = [$place, 'nothing', $before[$frame['y'] + $y][$frame['x'] + $x]][$frame['disposal']];
                unset($place);
            }
        }
    }
    file_put_contents("{$this->files}/moving.webp", AnimatedPng::read(movingPng("{$this->files}/moving.png", $columns, $rows, $frames))->toWebP());
    expect(cellsOf("{$this->files}/moving.webp", $columns, $rows, count($frames), $this->files))->toBe($wanted);
})->with(sample(range(1, 12), 3));

it('meets a file that is cut off or bent anywhere with a word of its own, and nothing else', function (): void {
    $dice = dice(7);
    $whole = (string) file_get_contents(wheel("{$this->files}/wheel.png"));
    $path = "{$this->files}/bent.png";
    $refused = 0;
    for ($i = 0; $i < 400; $i++) {
        $bent = $i % 2 === 0 ? substr($whole, 0, $dice->getInt(0, strlen($whole) - 1)) : $whole;
        for ($n = $i % 2 * $dice->getInt(1, 3); $n > 0; $n--) {
            $bent[$dice->getInt(0, strlen($bent) - 1)] = chr($dice->getInt(0, 255));
        }
        file_put_contents($path, $bent);
        expect(PngFrames::told($path))->toBeGreaterThan(0);
        try {
            $webp = AnimatedPng::read($path)->toWebP();
            expect(substr($webp, 0, 4))->toBe('RIFF')->and(strlen($webp))->toBe(8 + unpack('V', substr($webp, 4, 4))[1]);
        } catch (ImagingException) {
            $refused++;
        }
    }
    expect($refused)->toBeGreaterThan(200);
});
