<?php

declare(strict_types=1);

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\DesignWords;
use ZincPane\Core\Design\FinishFile;
use ZincPane\Core\Design\FinishFileException;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\NamedFinish;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Finish\Font;
use ZincPane\Core\Finish\Lanes;
use ZincPane\Core\Finish\PageStyle;
use ZincPane\Core\Finish\Ready;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Layout\Arranger;
use ZincPane\Core\Layout\DriftLanes;
use ZincPane\Core\Markup\ClassNames;
use ZincPane\Core\Markup\Finish\ArrivalCss;
use ZincPane\Core\Markup\Finish\CaptionsCss;
use ZincPane\Core\Markup\Finish\DriftCss;
use ZincPane\Core\Markup\Finish\EdgesCss;
use ZincPane\Core\Markup\Finish\FinishCss;
use ZincPane\Core\Markup\Finish\FontCss;
use ZincPane\Core\Markup\Finish\GroundCss;
use ZincPane\Core\Markup\Finish\PointedCss;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Settings\SettingException;

covers(
    NamedFinish::class, FinishFile::class, FinishFileException::class, PageStyle::class, Ready::class, DriftLanes::class, ClassNames::class, ContentWidth::class,
    FinishCss::class, ArrivalCss::class, CaptionsCss::class, DriftCss::class, EdgesCss::class, FontCss::class, GroundCss::class, PointedCss::class,
);

/** A gallery of pictures with words, dressed. */
function dressedAs(array $finish, array $layout = ['kind' => 'grid'], array $words = ['Noon', 'Wind & <weather>']): FrozenGallery
{
    $shapes = shownAs(someShapes(9, 3));
    $items = array_map(static fn (ShownPicture $item, int $i): ShownPicture => new ShownPicture($item->size, $item->focal, new Words(...($i % 3 === 0 ? [] : $words)), $item->address, []), $shapes, array_keys($shapes));

    return galleryOf($items, designOf($layout, $finish));
}

it('tells a finish as it is read again, without what is one gallery’s own', function (): void {
    $dice = dice(4);
    for ($trial = 0; $trial < 60; $trial++) {
        $design = designOf([], [...anyFinish($dice), 'own' => ['id' => 'mine', 'css' => 'p{color:red}'], 'named' => 'bare']);
        $named = NamedFinish::ofGallery('k1', ' Evening ', $design);
        expect($named->name)->toBe('Evening')->and($named->finish)->not->toHaveKeys(['own', 'named']);
        $taken = $design->with($named->part());
        expect($named->isFollowedBy($taken))->toBeTrue()->and($taken->finish->own->id)->toBe('mine')->and($named->isFollowedBy($design))->toBeFalse();
        // Another gallery looks the same after it.
        $other = GalleryDesign::default()->with($named->part());
        expect($other->finish->captions)->toEqual($design->finish->captions)->and($other->finish->own->css)->toBe('');
        // Out and in again, it is the same.
        expect(FinishFile::read(FinishFile::write($named), 'k1'))->toEqual($named)->and(FinishFile::write(FinishFile::read(FinishFile::write($named), 'k2')))->toBe(FinishFile::write($named));
    }
});

it('refuses a file that is none, with the reason', function (string $contents, string $class, string $reason): void {
    expect(fn () => FinishFile::read($contents, 'k'))->toThrow($class, $reason);
})->with([
    'nothing' => ['', FinishFileException::class, 'no JSON'],
    'a picture' => ["\xFF\xD8\xFF", FinishFileException::class, 'no JSON'],
    'of another program' => ['{"program":"Another","kind":"finish"}', FinishFileException::class, 'it says that it is of "Another"'],
    'a list' => ['[1,2]', FinishFileException::class, 'no finish of Zinc Pane'],
    'a number' => ['3', FinishFileException::class, 'no finish of Zinc Pane'],
    'of a newer schema' => ['{"program":"Zinc Pane","kind":"finish","schema":99,"name":"x","finish":{}}', FinishFileException::class, 'the schema 99'],
    'of no schema' => ['{"program":"Zinc Pane","kind":"finish","name":"x","finish":{}}', FinishFileException::class, 'the schema'],
    'too large' => [str_repeat(' ', 5_000_000), FinishFileException::class, '5,000,000 bytes'],
    'too deep' => ['{"program":"Zinc Pane","kind":"finish","schema":3,"name":"x","finish":'.str_repeat('[', 40).str_repeat(']', 40).'}', FinishFileException::class, 'no JSON'],
    'with a setting that cannot be' => ['{"program":"Zinc Pane","kind":"finish","schema":3,"name":"x","finish":{"edges":{"width":41}}}', SettingException::class, '0 to 40 px'],
    'with a setting that nobody knows' => ['{"program":"Zinc Pane","kind":"finish","schema":3,"name":"x","finish":{"sound":1}}', SettingException::class, 'sound'],
    'with no group' => ['{"program":"Zinc Pane","kind":"finish","schema":3,"name":"x","finish":7}', SettingException::class, 'group'],
    'without a name' => ['{"program":"Zinc Pane","kind":"finish","schema":3,"name":"  ","finish":{}}', SettingException::class, 'a name'],
    'with a name that is too long' => ['{"program":"Zinc Pane","kind":"finish","schema":3,"name":"'.str_repeat('x', 41).'","finish":{}}', SettingException::class, '40 characters'],
]);

it('leaves what is one gallery’s own, and what another store has, out of a file', function (): void {
    $file = '{"program":"Zinc Pane","kind":"finish","schema":3,"name":"x","finish":{"own":{"id":"a"},"named":"bare","ground":{"picture":"01kb0000000000000000000000","padding":7}}}';
    $read = FinishFile::read($file, 'k');
    expect($read->finish['ground'])->toMatchArray(['picture' => '', 'padding' => 7])->and($read->finish)->not->toHaveKey('own');
});

it('has six finishes, ten effects and more, six drifts, each another, each with every layout', function (): void {
    foreach (['finishes' => 6, 'effects' => 11, 'drifts' => 7] as $what => $least) {
        $all = Ready::{$what}();
        expect(count($all))->toBeGreaterThanOrEqual($least)->and(array_unique(array_column($all, 'key')))->toHaveCount(count($all))->and(array_unique(array_column($all, 'says')))->toHaveCount(count($all));
        $made = array_map(static fn (Ready $ready): string => json_encode(NamedFinish::ready($ready)->finish), $all);
        expect(array_unique($made))->toHaveCount(count($made));
        foreach ($all as $ready) {
            foreach (array_column(LayoutKind::cases(), 'value') as $kind) {
                $drawn = drawnAs(dressedAs(NamedFinish::ready($ready)->finish, ['kind' => $kind]));
                expect(substr_count($drawn->css, '{'))->toBe(substr_count($drawn->css, '}'))->and(substr_count($drawn->html, '<li'))->toBe(9);
            }
        }
    }
});

it('writes the words of a caption, as they are wished, and nothing where there are none', function (): void {
    $over = drawnAs(dressedAs(['captions' => ['place' => 'over', 'title' => true, 'caption' => true]]))->html;
    expect(substr_count($over, 'zp-over'))->toBe(6)
        ->and($over)->toContain('<p class="zp-caption zp-over"><span class="zp-said" dir="auto"><b class="zp-word-title">Noon</b><br><span class="zp-word-caption">Wind &amp; &lt;weather&gt;</span></span></p>');
    // Below, lines are kept whether there are words or not.
    $below = drawnAs(dressedAs(['captions' => ['place' => 'below', 'title' => false]]))->html;
    expect(substr_count($below, '<p class="zp-caption"'))->toBe(9)->and($below)->toContain('<p class="zp-caption"></p>')
        ->and(drawnAs(dressedAs(['captions' => ['place' => 'none']]))->html)->not->toContain('zp-caption');
    $all = drawnAs(dressedAs(['captions' => ['place' => 'over', 'title' => true, 'description' => true, 'credit' => true]], ['kind' => 'grid'], ['T', 'C', '', 'D', '', 'K']))->html;
    expect($all)->toContain('T</b><br><span class="zp-word-caption">C</span><br><em class="zp-word-description">D</em><br><small class="zp-word-credit">K</small>');
});

it('moves nothing but transform, opacity and filter, and nothing for those who want less motion', function (int $seed): void {
    $dice = dice($seed);
    for ($trial = 0; $trial < 80; $trial++) {
        $css = drawnAs(dressedAs(anyFinish($dice), ['kind' => ['grid', 'masonry', 'rows', 'single'][$trial % 4]]))->css;
        preg_match_all('/@keyframes [^{]+\{((?:[^{}]+\{[^{}]*\})+)\}/', $css, $frames);
        foreach ($frames[1] as $frame) {
            preg_match_all('/([a-z-]+):/', preg_replace('/--[\w]+/', '', $frame), $properties);
            expect(array_diff($properties[1], ['opacity', 'translate', 'scale', 'transform', 'filter']))->toBe([], $frame);
        }
        preg_match_all('/transition:([^}]*)\}/', $css, $transitions);
        foreach ($transitions[1] as $said) {
            preg_match_all('/(?:^|,)([a-z-]+) \d/', $said, $properties);
            expect($properties[1])->not->toBe([])->and(array_diff($properties[1], ['opacity', 'translate', 'scale', 'filter']))->toBe([], $said);
        }
        // Whatever moves stands within the question whether it may.
        $still = preg_replace('/@media[^{]*prefers-reduced-motion:no-preference[^{]*\{(?:[^{}]|\{(?:[^{}]|\{(?:[^{}]|\{[^{}]*\})*\})*\})*\}/', '', $css);
        expect($still)->not->toContain('animation:')->not->toContain('transition:');
    }
})->with(sample([1, 2], 1));

it('drifts in lanes that never meet, whatever the layout and the width', function (string $kind, string $lanes): void {
    foreach ([1, 5, 14, 23] as $count) {
        foreach (['start', 'centre', 'fill', 'balance'] as $lastRow) {
            $design = designOf(['kind' => $kind, 'columns' => 4, 'last_row' => $lastRow, 'row_height' => 180]);
            $inForce = DriftLanes::inForce($design->layout->kind, Lanes::from($lanes));
            $arrangement = Arranger::layout($design)->arrange(someShapes($count, $count));
            foreach ([300, 700, 1120, 2000] as $width) {
                $band = $arrangement->at($width);
                $of = DriftLanes::of($band, $inForce);
                expect($of)->toHaveCount($count);
                $places = array_map(static fn ($box): array => $box->at($width), iterator_to_array($band->boxes));
                [$start, $size] = $inForce === Lanes::Across ? ['top', 'height'] : ['left', 'width'];
                foreach ($places as $i => $one) {
                    foreach ($places as $j => $other) {
                        if ($of[$i] !== $of[$j]) {
                            // Moved along its lane, a tile keeps to its own side of the others.
                            expect(min($one[$start] + $one[$size], $other[$start] + $other[$size]) - max($one[$start], $other[$start]))->toBeLessThan(0.01);
                        }
                    }
                }
            }
        }
    }
})->with(['grid', 'masonry', 'rows', 'mosaic', 'single'])->with(['down', 'across', 'single']);

it('tells how wide a gallery is inside of what stands at its sides, at every width', function (): void {
    $dice = dice(12);
    for ($trial = 0; $trial < 200; $trial++) {
        $sides = [[(float) $dice->getInt(1, 120), 0.03], [(float) $dice->getInt(1, 80), 0.04], [(float) $dice->getInt(0, 20), 1.0]];
        $inner = ContentWidth::page(18, 1120)->within($sides);
        for ($window = 240; $window <= 2700; $window += 7) {
            $page = min(1120, $window - 36);
            $wanted = $page - 2 * array_sum(array_map(static fn (array $side): float => min($side[0], $side[1] * $window), $sides));
            expect($inner->at($window))->toEqualWithDelta(max(0.0, $wanted), 0.08, json_encode([$sides, $window]));
        }
    }
    expect(ContentWidth::unknown()->within([])->isKnown())->toBeFalse();
});

it('takes from the width what its style sheet puts at the sides, and no more', function (): void {
    foreach ([[0, 0, 'none', 3], [60, 0, 'none', 3], [0, 44, 'solid', 0], [12, 9, 'double', 7], [120, 80, 'dotted', 20]] as [$margin, $padding, $line, $width]) {
        $design = designOf([], ['ground' => ['margin' => $margin, 'padding' => $padding, 'line' => $line, 'width' => $width]]);
        $css = (string) (new GroundCss(Css::of('#p'), $design->finish->ground, null))->render();
        preg_match('/margin:\d+px min\((\d+)px,(\d+)vw\)/', $css, $m);
        preg_match('/padding:min\((\d+)px,(\d+)vw\)/', $css, $p);
        preg_match('/border:(\d+)px/', $css, $b);
        $written = static fn (float $window): float => (isset($m[1]) ? min((float) $m[1], $m[2] * $window / 100) : 0.0) + (isset($p[1]) ? min((float) $p[1], $p[2] * $window / 100) : 0.0) + (float) ($b[1] ?? 0);
        foreach ([320.0, 900.0, 2400.0] as $window) {
            $told = array_sum(array_map(static fn (array $side): float => min($side[0], $side[1] * $window), $design->finish->ground->sides()));
            expect($told)->toEqualWithDelta($written($window), 1e-9, $css);
        }
        // What is not there is no side: the width is then reckoned with as before.
        expect($design->finish->ground->sides())->toHaveCount(($margin > 0 ? 1 : 0) + ($padding > 0 ? 1 : 0) + ($line !== 'none' && $width > 0 ? 1 : 0));
    }
});

it('lets the picture throw the shadow only where its tile shows nothing of itself', function (): void {
    $shadow = ['edges' => ['shadow_opacity' => 40]];
    $caster = static function (array $finish): string {
        preg_match('/(li(?:>:first-child)?)\{box-shadow/', (string) (new EdgesCss(Css::of('#p'), designOf([], $finish)->finish))->render(), $found);

        return $found[1] ?? '';
    };
    $below = ['captions' => ['place' => 'below']];
    expect($caster($shadow))->toBe('li')->and($caster([...$shadow, ...$below]))->toBe('li>:first-child')
        ->and($caster([...$below, 'edges' => ['shadow_opacity' => 40, 'tile' => '#ffffff']]))->toBe('li')
        ->and($caster([...$below, 'edges' => ['shadow_opacity' => 40, 'line' => 'solid', 'width' => 2]]))->toBe('li')
        ->and($caster([...$below, 'edges' => ['shadow_opacity' => 40, 'line' => 'solid', 'width' => 0]]))->toBe('li>:first-child')
        ->and($caster($below))->toBe('');
});

it('reads the colours and letters of a page, and takes what it does not understand for not said', function (): void {
    $page = PageStyle::read('/* body { color: red } */ :root { --ink: #123; --sea: #14636F; --gap: 3px } body{margin:0;font:400 1rem/1.6 "My Serif", Georgia, serif;color:var(--ink);background:#fff} nav a { color: #000 } main a:not(.x a) { color: var(--sea) }');
    expect([$page->text, $page->ground, $page->link, $page->font])->toBe(['#112233', '#ffffff', '#14636f', '"My Serif", Georgia, serif'])
        ->and($page->colours)->toBe(['text' => '#112233', 'ground' => '#ffffff', 'links' => '#14636f']);
    $odd = PageStyle::read('body { color: rgb(1 2 3); background: var(--a); font-family: x;} :root{--a: var(--b); --b: var(--a); --c: url(x)} body { font: 12px y } }}} {');
    expect([$odd->text, $odd->ground, $odd->link])->toBe(['#000000', '#ffffff', null])->and($odd->font)->toBe('x');
    expect(PageStyle::read('body{font-family:x;}</style><script>{}')->font)->toBe('x')->and(PageStyle::read('body{font-family:url(x)}')->font)->toBe('serif');
    $dark = PageStyle::read('body{color:white;background:black}')->taken();
    expect($dark['captions']['ground'])->toBe('#000000')->and(GalleryDesign::default()->with(['finish' => $dark])->finish->lettering->font)->toBe(Font::Page);
});

it('writes down every class that a gallery has', function (): void {
    $drawn = '';
    foreach ([['kind' => 'grid', 'initial_view' => 'rows', 'initial_rows' => 1], ['kind' => 'grid', 'initial_view' => 'pages', 'initial_rows' => 1]] as $layout) {
        $gallery = dressedAs(['captions' => ['place' => 'over', 'title' => true, 'description' => true, 'credit' => true], 'drift' => ['lanes' => 'down']], $layout, ['T', 'C', 'a', 'D', '', 'K']);
        $drawn .= drawnAs(new FrozenGallery($gallery->about->with(['description' => 'x', 'shows_title' => true, 'shows_description' => true]), $gallery->design, $gallery->albums, $gallery->items, $gallery->inAlbums, $gallery->large))->html;
    }
    preg_match_all('/class="([^"]*)"/', $drawn, $found);
    $classes = array_unique(explode(' ', implode(' ', $found[1])));
    $numbered = array_filter($classes, static fn (string $class): bool => preg_match('/^zp-(p1|[nsad]\d+)$/', $class) === 1);
    expect(array_diff($classes, $numbered, array_keys(ClassNames::ALL)))->toBe([])
        ->and(GalleryDesign::default()->with(['finish' => ['own' => ['css' => ClassNames::EXAMPLE]]])->finish->own->css)->toBe(ClassNames::EXAMPLE);
});

it('puts what a person writes into the scope of the gallery, and addresses and colours nowhere else', function (): void {
    $css = drawnAs(dressedAs(['own' => ['css' => 'img{opacity:.5}', 'id' => 'kites', 'classes' => 'a b'], 'lettering' => ['font' => 'archivo'], 'captions' => ['place' => 'below']]), null, Addresses::absolute('https://saltreed.example'));
    expect($css->css)->toEndWith('@scope (.zp-p1){img{opacity:.5}}')->and($css->html)->toContain('<div class="zp zp-p1 a b" id="kites"')
        ->and($css->css)->toContain('src:url("https://saltreed.example/fonts/archivo-latin-wght-normal.woff2")')->and($css->font)->toBe('/fonts/archivo-latin-wght-normal.woff2')
        ->and((string) Css::url("a\"b\\c\nd</style>"))->toBe('url("a\22 b\5c c\a d\3c /style>")')
        ->and((string) Css::tone('#102030', 55))->toBe('rgb(16 32 48/55%)')->and((string) Css::tone('#102030', 100))->toBe('#102030');
});

it('says of a heading only what is other than at first', function (): void {
    $briefs = DesignWords::briefs(designOf([], ['captions' => ['place' => 'over', 'title' => true], 'edges' => ['line' => 'solid', 'width' => 5, 'corners' => 4], 'pointed' => ['scale' => 106]]));
    expect($briefs['Captions'])->toBe('over it, title, caption, 70 % ground')->and($briefs['Edges'])->toBe('solid, 5 px, corners 4 px')->and($briefs['Ground'])->toBe('the page’s own')->and($briefs['Pointed at'])->toBe('grows to 106 %')->and($briefs['Your CSS'])->toBe('none');
});

it('writes nothing into a style sheet but values of the types that properties have', function (int $seed): void {
    $dice = dice($seed);
    $colour = '(?:#[0-9a-f]{6}|rgb\(\d{1,3} \d{1,3} \d{1,3}\/(?:\d{1,3}%|\.\d+)\))';
    $types = [
        'color' => "/^(?:{$colour}|CanvasText)$/", 'background' => "/^(?:{$colour}|none(?:!important)?|transparent|var\(--c,transparent\)|Canvas|color-mix\(in srgb,currentColor 8%,transparent\)|linear-gradient\(to (?:top|bottom),{$colour} 60%,{$colour}\)|(?:(?:linear|radial)-gradient\(.*\).*,)+rgb\(16 20 23\/\.72\))$/",
        'border' => "/^(?:0|\d{1,2}px (?:solid|dashed|dotted|double) {$colour}|2px solid currentColor)$/", 'padding' => '/^(?:0|\d{1,2}px(?: \d{1,2}px){0,2}|min\(\d{1,2}px,4vw\))$/',
        'border-radius' => '/^(?:0|50%|inherit|\d{1,3}px|(?:0|\d{1,3}px)(?: (?:0|\d{1,3}px)){3})$/', 'box-shadow' => "/^-?\d{1,2}px -?\d{1,2}px \d{1,2}px -?\d{1,2}px {$colour}$/",
        'opacity' => '/^(?:0|1|0?\.\d{1,2})$/', 'scale' => '/^(?:\.86|[01](?:\.\d{1,2})?)$/', 'font-size' => '/^(?:\d{2}px|max\(14px,min\(4cqw,17px\)\))$/', 'line-height' => '/^(?:\d{2}px|1\.45)$/',
        'filter' => '/^(?:none| ?(?:grayscale\(\d{1,3}%\))?(?: ?brightness\(\d{1,3}%\))?(?: ?blur\(\d{1,2}px\))?)$/',
    ];
    $checked = array_fill_keys(array_keys($types), 0);
    for ($trial = 0; $trial < 120; $trial++) {
        $css = drawnAs(dressedAs(anyFinish($dice), ['kind' => ['grid', 'masonry', 'rows', 'single'][$trial % 4]]))->css;
        preg_match_all('/[{;](color|background|border|padding|border-radius|box-shadow|opacity|scale|font-size|line-height|filter):([^;{}]+)(?=[;}])/', $css, $found, PREG_SET_ORDER);
        foreach ($found as [, $property, $value]) {
            expect($value)->toMatch($types[$property], "{$property}:{$value}");
            $checked[$property]++;
        }
    }
    expect(min($checked))->toBeGreaterThan(10, json_encode($checked));
})->with(sample([21, 22], 1));
