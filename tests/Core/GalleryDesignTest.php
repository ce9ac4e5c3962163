<?php

declare(strict_types=1);

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutDesign;
use ZincPane\Core\Settings\SettingException;

covers(GalleryDesign::class, LayoutDesign::class);

it('says in a few words which layout it is', function (array $layout, string $label): void {
    expect(GalleryDesign::default()->with(['layout' => $layout])->layout->label())->toBe($label);
})->with([
    [['kind' => 'grid', 'columns' => 4, 'shape' => '1:1'], 'Grid 4, square'], [['kind' => 'grid', 'column_rule' => 'fit', 'tile_width' => 180, 'shape' => '3:2'], 'Grid from 180 px, 3:2'],
    [['kind' => 'masonry', 'columns' => 5], 'Masonry 5'], [['kind' => 'rows', 'row_height' => 210], 'Tiled rows, 210 px'], [['kind' => 'mosaic', 'row_height' => 120], 'Mosaic, 120 px'],
    [['kind' => 'strip', 'height' => 300], 'Strip, 300 px'], [['kind' => 'slideshow', 'height' => 500], 'Slideshow, 500 px'], [['kind' => 'single'], 'One per row'],
]);

it('reads what it wrote', function (): void {
    $design = GalleryDesign::default()->with(['layout' => ['columns' => 7, 'shape' => 'own', 'column_rule' => 'fit', 'last_row' => 'centre']]);
    expect(GalleryDesign::fromArray($design->toArray()))->toEqual($design)
        ->and($design->toArray()['layout']['gap'])->toBe(8);
});

it('tells a difference that leads from one design to another', function (): void {
    $one = GalleryDesign::default();
    $other = $one->with(['layout' => ['columns' => 5, 'gap' => 0]]);
    expect($other->differenceFrom($one))->toBe(['layout' => ['columns' => 5, 'gap' => 0]])
        ->and($one->with($other->differenceFrom($one)))->toEqual($other)
        ->and($one->differenceFrom($one))->toBe([]);
});

it('refuses what cannot be, and says what can', function (array $part, string $field, string $allowed): void {
    try {
        GalleryDesign::default()->with($part);
        $this->fail('nothing was refused');
    } catch (SettingException $exception) {
        expect($exception->field)->toBe($field)->and($exception->allowed)->toContain($allowed)
            ->and($exception->getMessage())->toContain($allowed);
    }
})->with([
    'no columns' => [['layout' => ['columns' => 0]], 'design.layout.columns', '1 to 12'],
    'too many columns' => [['layout' => ['columns' => 99]], 'design.layout.columns', '1 to 12'],
    'a word for columns' => [['layout' => ['columns' => 'three']], 'design.layout.columns', '1 to 12'],
    'a broken number' => [['layout' => ['columns' => 2.5]], 'design.layout.columns', '1 to 12'],
    'nothing for a number' => [['layout' => ['columns' => null]], 'design.layout.columns', '1 to 12'],
    'a gap below zero' => [['layout' => ['gap' => -5]], 'design.layout.gap', '0 to 80 px'],
    'tiles too narrow' => [['layout' => ['tile_width' => 79]], 'design.layout.tile_width', '80 to 800 px'],
    'an unknown shape' => [['layout' => ['shape' => 'round']], 'design.layout.shape', '3:2'],
    'a shape too flat' => [['layout' => ['shape' => '16:3']], 'design.layout.shape', '1:5 to 5:1'],
    'a shape without a height' => [['layout' => ['shape' => '3:0']], 'design.layout.shape', '1:5 to 5:1'],
    'a number for a shape' => [['layout' => ['shape' => 1.5]], 'design.layout.shape', 'text'],
    'an unknown setting' => [['layout' => ['colour' => 'red']], 'design.layout.colour', 'last_row'],
    'an unknown part' => [['sound' => 'loud'], 'design.sound', 'layout'],
    'another layout' => [['layout' => ['kind' => 'spiral']], 'design.layout.kind', 'grid'],
    'no group' => [['layout' => 'grid'], 'design.layout', 'group'],
    'another schema' => [['schema' => 99], 'design.schema', '3'],
    'a colour that is none' => [['finish' => ['edges' => ['colour' => 'red']]], 'design.finish.edges.colour', '# and six'],
    'a colour with more behind it' => [['finish' => ['edges' => ['colour' => "#aabbcc\n"]]], 'design.finish.edges.colour', '# and six'],
    'an opacity of 120' => [['finish' => ['captions' => ['opacity' => 120]]], 'design.finish.captions.opacity', '0 to 100 %'],
    'a border of -1' => [['finish' => ['edges' => ['width' => -1]]], 'design.finish.edges.width', '0 to 40 px'],
    'a border of 41' => [['finish' => ['edges' => ['width' => 41]]], 'design.finish.edges.width', '0 to 40 px'],
    'an id with a blank' => [['finish' => ['own' => ['id' => 'my kites']]], 'design.finish.own.id', 'without blanks'],
    'an id that begins with a digit' => [['finish' => ['own' => ['id' => '7kites']]], 'design.finish.own.id', 'a letter'],
    'classes with two blanks' => [['finish' => ['own' => ['classes' => 'a  b']]], 'design.finish.own.classes', 'a blank between'],
    'a number for yes' => [['finish' => ['captions' => ['title' => 1]]], 'design.finish.captions.title', 'true or false'],
    'a picture that is no identifier' => [['finish' => ['ground' => ['picture' => '../../etc']]], 'design.finish.ground.picture', 'identifier'],
    'CSS that fetches' => [['finish' => ['own' => ['css' => 'p{background:url(//x)}']]], 'design.finish.own.css', 'this gallery alone'],
    'CSS that is too long' => [['finish' => ['own' => ['css' => str_repeat('a', 8001)]]], 'design.finish.own.css', '8000'],
    'a key that is no key' => [['finish' => ['named' => 'Marsh Light']], 'design.finish.named', 'key'],
]);

it('shortens and cleans what it repeats', function (): void {
    $long = str_repeat('x', 500)."\u{0}\u{202e}";
    expect(fn () => GalleryDesign::default()->with(['layout' => ['shape' => $long]]))
        ->toThrow(fn (SettingException $exception) => expect(mb_strlen($exception->getMessage()))->toBeLessThan(260));
});
