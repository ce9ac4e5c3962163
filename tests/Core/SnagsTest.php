<?php

declare(strict_types=1);

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Snags\GallerySnags;
use ZincPane\Core\Snags\HeavyFirstView;
use ZincPane\Core\Snags\Kinds;
use ZincPane\Core\Snags\LayoutSnags;
use ZincPane\Core\Snags\LongOnPhone;
use ZincPane\Core\Snags\LostFocalArea;
use ZincPane\Core\Snags\MuchCropped;
use ZincPane\Core\Snags\PictureTooSmall;
use ZincPane\Core\Snags\RaggedLastRow;
use ZincPane\Core\Snags\SmallOnPhone;

covers(LayoutSnags::class, Kinds::class, LongOnPhone::class, RaggedLastRow::class, LostFocalArea::class, MuchCropped::class, SmallOnPhone::class, PictureTooSmall::class, HeavyFirstView::class);

/** Pictures of one shape, width over height; with the focal point far to the side, or so many px wide, or so heavy. */
function alike(int $count, float $ratio, float $focal = 0.5, int $width = 4000, int $bytes = 40_000): array
{
    return array_fill(0, $count, new Subject(Ratio::of($ratio, 1), Size::of($width, (int) ($width / $ratio)), FocalPoint::of($focal, $focal), [540 => $bytes]));
}

/** Codes of the snags, and for each the labels of its mends. */
function snagsOf(array $subjects, array $layout): array
{
    $candidates = new Candidates(GalleryDesign::default()->with(['layout' => $layout]), $subjects, [], Viewport::wide(1120), Viewport::phone(354));
    $snags = (new LayoutSnags($candidates, $subjects))->of($candidates->of([]));

    return array_combine(array_column($snags, 'code'), array_map(static fn ($snag): array => ['says' => $snag->says, 'mends' => array_column($snag->mends, 'label')], $snags));
}

it('finds each thing amiss, and says what mends it', function (array $subjects, array $layout, string $code, string $says, array $mends): void {
    expect(snagsOf($subjects, $layout)[$code] ?? null)->toBe(['says' => $says, 'mends' => $mends]);
})->with([
    'one short' => [alike(11, 1.5), ['columns' => 4], 'ragged-last-row', 'One more picture would complete the last row.', ['Balance the rows', 'Fill the last row']],
    'one over' => [alike(9, 1.5), ['columns' => 4], 'ragged-last-row', 'One picture stands alone in the last row; 3 more would complete it.', ['Use 3 columns', 'Balance the rows']],
    'two short' => [alike(10, 1.5), ['columns' => 4], 'ragged-last-row', '2 more pictures would complete the last row.', ['Use 5 columns', 'Balance the rows']],
    'a focal area at the side' => [alike(8, 2.6, 0.02), ['columns' => 4, 'shape' => '2:3'], 'much-cropped', 'Picture 1 loses 74 per cent.', ['Make the tiles 4:3', 'Make the tiles 3:2']],
    'small on a phone' => [alike(12, 1.5), ['columns' => 4, 'phone' => ['columns' => 6]], 'small-on-phone', 'On a phone the smallest picture is 35 px.', ['3 columns on a phone', '2 columns on a phone']],
    'too few px' => [alike(12, 1.5, 0.5, 240), ['columns' => 3], 'picture-too-small', '12 pictures are smaller than their tiles, and are drawn blurred.', ['Use 6 columns', 'Use 12 columns']],
    'heavy' => [alike(12, 1.5, 0.5, 4000, 220_000), ['columns' => 2], 'heavy-first-view', 'The first view on a phone weighs 2.6 MB.', []],
]);

it('leaves in peace what is well', function (array $layout): void {
    expect(snagsOf(alike(12, 1.5), $layout))->toBe([]);
})->with([
    'a full grid' => [['columns' => 4]], 'balanced' => [['columns' => 5, 'last_row' => 'balance']], 'masonry' => [['kind' => 'masonry', 'columns' => 3]],
    'tiled rows' => [['kind' => 'rows', 'last_row' => 'balance']], 'a mosaic' => [['kind' => 'mosaic', 'row_height' => 240]], 'a strip' => [['kind' => 'strip']],
]);

it('offers only what mends, whatever the gallery', function (): void {
    $dice = dice(6);
    $offered = 0;
    for ($trial = 0; $trial < 60; $trial++) {
        $subjects = [];
        for ($i = $dice->getInt(1, 17); $i > 0; $i--) {
            $ratio = [1.5, 0.667, 1.0, 2.4, 0.4][$dice->getInt(0, 4)];
            $width = $dice->getInt(200, 5000);
            $subjects[] = new Subject(Ratio::of($ratio, 1), Size::of($width, (int) ceil($width / $ratio)), FocalPoint::of($dice->getInt(0, 20) / 20, $dice->getInt(0, 20) / 20), [540 => $dice->getInt(10_000, 300_000)]);
        }
        $design = GalleryDesign::default()->with(['layout' => [
            'kind' => ['grid', 'grid', 'masonry', 'rows', 'mosaic', 'strip'][$dice->getInt(0, 5)], 'columns' => $dice->getInt(1, 8), 'row_height' => $dice->getInt(80, 400),
            'shape' => ['1:1', '16:9', '2:3', '5:4', 'own'][$dice->getInt(0, 4)], 'last_row' => ['start', 'centre', 'fill', 'balance'][$dice->getInt(0, 3)],
        ]]);
        $candidates = new Candidates($design, $subjects, [], Viewport::wide(1120), Viewport::phone(354));
        $all = (new LayoutSnags($candidates, $subjects))->of($candidates->of([]));
        foreach ($all as $snag) {
            foreach ($snag->mends as $mend) {
                $offered++;
                $mended = $design->with(['layout' => $mend->part]);
                $after = new Candidates($mended, $subjects, [], Viewport::wide(1120), Viewport::phone(354));
                $left = array_column((new LayoutSnags($after, $subjects))->of($after->of([])), 'code');
                expect($left)->not->toContain($snag->code)->and(count($left))->toBeLessThan(count($all));
            }
        }
    }
    expect($offered)->toBeGreaterThan(60);
});

it('has a name for every kind of snag, and none for a kind that is none', function (): void {
    $codes = array_map(static fn (object $rule): string => $rule->code(), [...GallerySnags::rules(), ...LayoutSnags::rules()]);
    $names = array_map(Kinds::name(...), $codes);
    expect($codes)->toHaveCount(count(array_unique($codes)))->and($names)->toHaveCount(count(array_unique($names)))->each->toMatch('/^\p{Lu}.{4,}$/u');
    $known = (new ReflectionClassConstant(Kinds::class, 'NAMES'))->getValue();
    expect(array_values(array_diff(array_keys($known), $codes)))->toBe([]);
    // A flaw of alt texts is called by its label, which stands elsewhere.
    expect(array_values(array_diff($codes, array_keys($known))))->each->toStartWith('alt-');
});

it('calls a gallery too long on a phone from more than 25 screens on, and only where all of it is shown', function (): void {
    $on = static function (int $count, string $view): ?string {
        $design = designOf(['kind' => 'single', 'initial_view' => $view]);
        $subjects = array_map(static fn (): Subject => new Subject(Ratio::of(354, 844), Size::of(3540, 8440), FocalPoint::centre()), range(1, $count));
        $candidate = (new Candidates($design, $subjects, [], Viewport::wide(1120), Viewport::phone(354)))->of([]);

        return (new LongOnPhone)->says($candidate, $subjects);
    };
    // Each picture is a screen high, and eight px part it from the next.
    expect($on(24, 'all'))->toBeNull()->and($on(26, 'all'))->toBe('On a phone it is 26 screens long.')->and($on(26, 'pages'))->toBeNull()->and($on(26, 'rows'))->toBeNull();
});
