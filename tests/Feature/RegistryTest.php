<?php

declare(strict_types=1);

use App\Contract\Contract;
use App\Proofing\Vocabulary;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\ExpectationFailedException;
use ZincPane\Core\Design\DesignWords;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Finish\Kinds\CssText;
use ZincPane\Core\Settings\Kinds\ByItself;
use ZincPane\Core\Settings\Kinds\Colour;
use ZincPane\Core\Settings\Kinds\Flag;
use ZincPane\Core\Settings\Kinds\Line;
use ZincPane\Core\Settings\Kinds\PictureOfStore;
use ZincPane\Core\Settings\Kinds\Text;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\SettingException;

covers(GalleryDesign::class, DesignWords::class);

/** Every setting there is, whatever is added one day: told once, it must be found in every place that speaks of it. */
function forEverySetting(Closure $holds): Closure
{
    return function () use ($holds): void {
        foreach (array_keys(GalleryDesign::settings()) as $path) {
            try {
                $holds->call($this, $path);
            } catch (ExpectationFailedException $exception) {
                throw new ExpectationFailedException("{$path}: {$exception->getMessage()}", $exception->getComparisonFailure(), $exception);
            }
        }
    };
}

/** The part of a design that sets one setting. */
function partOf(string $path, mixed $value): array
{
    return array_reduce(array_reverse(explode('.', $path)), static fn (mixed $inner, string $key): array => [$key => $inner], $value);
}

/** Values that a setting takes, the ends of its range among them. */
function valuesOf(Setting $setting): array
{
    $kind = $setting->kind instanceof ByItself ? $setting->kind->kind : $setting->kind;
    $values = match (true) {
        $kind instanceof WholeNumber => [$kind->least, $kind->least + 1, $kind->most - 1, $kind->most],
        $kind instanceof Flag => [false, true],
        $kind instanceof Colour => ['#000000', '#a0b1c2', '#ffffff'],
        $kind instanceof Text => ['', 'kites', 'kites-2'],
        $kind instanceof Line => ['', 'Tap one', '„Tipp“ – اضغط', str_repeat('é', 80)],
        $kind instanceof CssText => ['', 'p { color: #000 }', "p{margin:0}\n@media print{p{color:red}}"],
        $kind instanceof PictureOfStore => ['', '01kb0000000000000000000000'],
        default => array_column($kind->control()->toArray()['options'], 'value'),
    };

    return [...$values, ...($setting->kind instanceof ByItself ? [null] : [])];
}

/** Values just beyond what it takes, and of other kinds. */
function refusedOf(Setting $setting): array
{
    $kind = $setting->kind instanceof ByItself ? $setting->kind->kind : $setting->kind;

    return [
        ...match (true) {
            $kind instanceof WholeNumber => [$kind->least - 1, $kind->most + 1, (float) $kind->least + 0.5, (string) $kind->least, true],
            $kind instanceof Flag => [0, 1, 'true', ''],
            $kind instanceof Colour => ['', 'red', '#abc', '#12345g', ' #aabbcc', 'rgb(0 0 0)', 3, true],
            $kind instanceof Line => ["two\nlines", "a\tb", "\x7f", str_repeat('é', 81), 3, true],
            $kind instanceof Text => ["two\nlines", '<b>', str_repeat('a', 500).'!', 3, true],
            $kind instanceof CssText => [3, true],
            $kind instanceof PictureOfStore => ['x', '../../x', 3, true],
            default => ['no such choice', 3, '', true],
        },
        ...($setting->kind instanceof ByItself ? [] : [null]),
        [], ['a' => 1],
    ];
}

it('has a control that a person can use', forEverySetting(function (string $path): void {
    $told = collect(Vocabulary::all()['settings'])->firstWhere('path', $path);
    expect($told)->not->toBeNull()->and($told['label'])->not->toBe('')
        // What nobody sets by itself has no control, and stands under no heading.
        ->and($told['under'] === '')->toBe(($told['shown'] ?? true) === false);
    // The one component that chooses a control knows the kind.
    $row = (string) file_get_contents(resource_path('studio/settings/SettingRow.vue'));
    expect($told['control'] === 'number' || str_contains($row, "setting.control === '{$told['control']}'"))->toBeTrue();
    match ($told['control']) {
        'number' => expect($told['least'])->toBeLessThan($told['most'])->and($told)->toHaveKeys(['unit', 'words', 'named']),
        'choice', 'shape' => expect($told['options'])->not->toBe([])->and(array_unique(array_column($told['options'], 'label')))->toHaveCount(count($told['options'])),
        'colour' => expect($told['first'])->toMatch('/^#[0-9a-f]{6}$/'),
        'text', 'css' => expect($told['longest'])->toBeGreaterThan(10),
        default => expect($told['control'])->toBeIn(['flag', 'picture']),
    };
}));

it('has a type that the studio was given, which takes what it takes and nothing else', forEverySetting(function (string $path): void {
    $keys = explode('.', $path);
    $types = (string) file_get_contents(resource_path('studio/api/contract.ts'));
    expect($types)->toContain("'{$path}'");
    preg_match('/export interface '.($keys[0] === 'layout' ? 'LayoutPart' : 'DesignPart').' \{(.*?)\n\}/s', $types, $part);
    expect($part[1])->toMatch('/\b'.end($keys).'\?: /');
    static $validator = null;
    if ($validator === null) {
        $validator = new Validator;
        $validator->resolver()->registerRaw(json_encode(Contract::schema()), 'urn:zinc-pane:contract');
    }
    $isValid = static fn (mixed $value): bool => $validator->validate(json_decode(json_encode(partOf($path, $value))), 'urn:zinc-pane:contract#/$defs/DesignPart')->isValid();
    $setting = GalleryDesign::settings()[$path];
    foreach (valuesOf($setting) as $value) {
        expect($isValid($value))->toBeTrue(json_encode($value));
    }
    foreach (array_filter(refusedOf($setting), static fn (mixed $value): bool => $value !== []) as $value) {
        expect($isValid($value))->toBeFalse(json_encode($value));
    }
}));

it('refuses what lies beyond its range on either side, names the field, and says what is allowed', forEverySetting(function (string $path): void {
    $setting = GalleryDesign::settings()[$path];
    foreach (refusedOf($setting) as $value) {
        try {
            GalleryDesign::default()->with(partOf($path, $value));
            $this->fail("{$path} took ".json_encode($value));
        } catch (SettingException $exception) {
            expect($exception->field)->toBe("design.{$path}")->and($exception->allowed)->not->toBe('')->and($exception->getMessage())->toContain($exception->allowed);
        }
    }
}));

it('comes back as it was written', forEverySetting(function (string $path): void {
    foreach (valuesOf(GalleryDesign::settings()[$path]) as $value) {
        $design = GalleryDesign::default()->with(partOf($path, $value));
        $again = GalleryDesign::fromArray(json_decode(json_encode($design->toArray()), true));
        expect($again->values()[$path])->toBe($value)->and($again)->toEqual($design);
        // Nothing else moved.
        expect(array_diff_assoc(array_map(json_encode(...), $again->values()), array_map(json_encode(...), GalleryDesign::default()->values())))
            ->toBe($value === GalleryDesign::default()->values()[$path] ? [] : [$path => json_encode($value)]);
    }
}));

it('has words for the history, and for the line of its heading', forEverySetting(function (string $path): void {
    $setting = GalleryDesign::settings()[$path];
    $values = valuesOf($setting);
    for ($i = 1; $i < count($values); $i++) {
        [$from, $to] = [GalleryDesign::default()->with(partOf($path, $values[$i - 1])), GalleryDesign::default()->with(partOf($path, $values[$i]))];
        $said = DesignWords::changed($from, $to);
        $setting->under === ''
            ? expect($said)->toBe('followed a finish')
            : expect($said)->toContain(lcfirst($setting->label))->toContain($setting->kind->says($values[$i - 1]).' to '.$setting->kind->says($values[$i]))->not->toContain('_');
    }
    expect($setting->kind->says($values[0]))->not->toBe($setting->kind->says($values[1]));
}));

/** Designs in which one or another setting is felt, each with the paths that are. */
function inForceSomewhere(): array
{
    static $designs = [];
    $dressed = [
        'captions' => ['place' => 'pointed'], 'edges' => ['line' => 'solid', 'shadow_opacity' => 10], 'ground' => ['line' => 'dotted'], 'pointed' => ['tint_opacity' => 5],
        'arrival' => ['way' => 'rise'], 'drift' => ['lanes' => 'down'],
    ];
    $kinds = array_column(collect(Vocabulary::all()['settings'])->firstWhere('path', 'layout.kind')['options'], 'value');
    foreach ($designs === [] ? $kinds : [] as $kind) {
        foreach (['count', 'fit'] as $rule) {
            foreach (['all' => [], 'rows' => $dressed, 'pages' => ['captions' => ['place' => 'below']]] as $view => $finish) {
                $design = GalleryDesign::default()->with(['layout' => ['kind' => $kind, 'column_rule' => $rule, 'initial_view' => $view], 'finish' => $finish, 'viewer' => $view === 'rows' ? ['click' => ['hint' => 'above'], 'zoom' => ['loupe' => 'both'], 'giving' => ['download' => 'large']] : []]);
                $designs[] = [$design->inForce(), DesignWords::briefs($design)];
            }
        }
    }

    return $designs;
}

it('is in force in some design, and its heading tells how it stands there', forEverySetting(function (string $path): void {
    $found = false;
    $under = GalleryDesign::settings()[$path]->under;
    foreach (inForceSomewhere() as [$inForce, $briefs]) {
        if (in_array($path, $inForce, true)) {
            $found = true;
            $under === '' || expect($briefs)->toHaveKey($under)->and($briefs[$under])->not->toBe('');
        }
    }
    expect($found)->toBeTrue();
}));

it('says a change in the order of the controls, and leaves out what nobody would see', function (): void {
    $grid = GalleryDesign::default();
    $strip = $grid->with(['layout' => ['kind' => 'strip', 'height' => 500, 'row_height' => 300]]);
    expect(DesignWords::changed($grid, $strip))->toBe('layout grid to strip, height 420 px to 500 px')
        ->and(DesignWords::changed($grid, $grid->with(['layout' => ['row_height' => 300]])))->toBe('row height, about 230 px to 300 px')
        ->and(DesignWords::changed($grid, $grid->with(['layout' => ['phone' => ['columns' => 2]], 'finish' => ['captions' => ['place' => 'below', 'lines' => 1]]])))->toBe('columns on a phone by itself to 2, captions none to below, lines at most 2 to 1 line')
        ->and(array_slice(array_keys(DesignWords::briefs($strip)), 0, 3))->toBe(['Layout', 'Tiles', 'Phone'])->and(DesignWords::briefs($strip)['Tiles'])->toStartWith('500 px high, gap 8 px')
        ->and(DesignWords::briefs($strip))->toMatchArray(['Layout' => 'strip', 'Phone' => 'height by itself']);
});
