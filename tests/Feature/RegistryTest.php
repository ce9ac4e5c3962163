<?php

declare(strict_types=1);

use App\Contract\Contract;
use App\Proofing\Vocabulary;
use Opis\JsonSchema\Validator;
use ZincPane\Core\Design\DesignWords;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Settings\Kinds\ByItself;
use ZincPane\Core\Settings\Kinds\WholeNumber;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\SettingException;

covers(GalleryDesign::class, DesignWords::class);

// Every setting there is, whatever is added one day: told once, it must be found in every place that speaks of it.
$paths = array_keys(GalleryDesign::settings());

/** The part of a design that sets one setting. */
function partOf(string $path, mixed $value): array
{
    return array_reduce(array_reverse(explode('.', $path)), static fn (mixed $inner, string $key): array => [$key => $inner], $value);
}

/** Values that a setting takes, the ends of its range among them. */
function valuesOf(Setting $setting): array
{
    $kind = $setting->kind instanceof ByItself ? $setting->kind->kind : $setting->kind;
    $values = $kind instanceof WholeNumber
        ? [$kind->least, $kind->least + 1, $kind->most - 1, $kind->most]
        : array_column($kind->control()->toArray()['options'], 'value');

    return [...$values, ...($setting->kind instanceof ByItself ? [null] : [])];
}

/** Values just beyond what it takes, and of other kinds. */
function refusedOf(Setting $setting): array
{
    $kind = $setting->kind instanceof ByItself ? $setting->kind->kind : $setting->kind;

    return [
        ...($kind instanceof WholeNumber ? [$kind->least - 1, $kind->most + 1, (float) $kind->least + 0.5, (string) $kind->least] : ['no such choice', 3, '']),
        ...($setting->kind instanceof ByItself ? [] : [null]),
        true, [], ['a' => 1],
    ];
}

it('has a control that a person can use', function (string $path): void {
    $told = collect(Vocabulary::all()['settings'])->firstWhere('path', $path);
    expect($told)->not->toBeNull()->and($told['label'])->not->toBe('')->and($told['under'])->not->toBe('')
        ->and($told['control'])->toBeIn(['number', 'choice', 'shape']);
    // The one component that chooses a control knows the kind.
    $row = (string) file_get_contents(resource_path('studio/settings/SettingRow.vue'));
    expect($told['control'] === 'number' || str_contains($row, "setting.control === '{$told['control']}'"))->toBeTrue();
    $told['control'] === 'number'
        ? expect($told['least'])->toBeLessThan($told['most'])->and($told)->toHaveKeys(['unit', 'words', 'named'])
        : expect($told['options'])->not->toBe([])->and(array_unique(array_column($told['options'], 'label')))->toHaveCount(count($told['options']));
})->with($paths);

it('has a type that the studio was given, which takes what it takes and nothing else', function (string $path): void {
    $keys = explode('.', $path);
    $types = (string) file_get_contents(resource_path('studio/api/contract.ts'));
    expect($types)->toContain("'{$path}'");
    preg_match('/export interface LayoutPart \{(.*?)\n\}/s', $types, $part);
    expect($part[1])->toMatch('/\b'.end($keys).'\?: /');
    $validator = new Validator;
    $validator->resolver()->registerRaw(json_encode(Contract::schema()), 'urn:zinc-pane:contract');
    $isValid = static fn (mixed $value): bool => $validator->validate(json_decode(json_encode(partOf($path, $value))), 'urn:zinc-pane:contract#/$defs/DesignPart')->isValid();
    $setting = GalleryDesign::settings()[$path];
    foreach (valuesOf($setting) as $value) {
        expect($isValid($value))->toBeTrue(json_encode($value));
    }
    foreach (array_filter(refusedOf($setting), static fn (mixed $value): bool => $value !== []) as $value) {
        expect($isValid($value))->toBeFalse(json_encode($value));
    }
})->with($paths);

it('refuses what lies beyond its range on either side, names the field, and says what is allowed', function (string $path): void {
    $setting = GalleryDesign::settings()[$path];
    foreach (refusedOf($setting) as $value) {
        try {
            GalleryDesign::default()->with(partOf($path, $value));
            $this->fail("{$path} took ".json_encode($value));
        } catch (SettingException $exception) {
            expect($exception->field)->toBe("design.{$path}")->and($exception->allowed)->not->toBe('')->and($exception->getMessage())->toContain($exception->allowed);
        }
    }
})->with($paths);

it('comes back as it was written', function (string $path): void {
    foreach (valuesOf(GalleryDesign::settings()[$path]) as $value) {
        $design = GalleryDesign::default()->with(partOf($path, $value));
        $again = GalleryDesign::fromArray(json_decode(json_encode($design->toArray()), true));
        expect($again->values()[$path])->toBe($value)->and($again)->toEqual($design);
        // Nothing else moved.
        expect(array_diff_assoc(array_map(json_encode(...), $again->values()), array_map(json_encode(...), GalleryDesign::default()->values())))
            ->toBe($value === GalleryDesign::default()->values()[$path] ? [] : [$path => json_encode($value)]);
    }
})->with($paths);

it('has words for the history, and for the line of its heading', function (string $path): void {
    $setting = GalleryDesign::settings()[$path];
    $values = valuesOf($setting);
    for ($i = 1; $i < count($values); $i++) {
        [$from, $to] = [GalleryDesign::default()->with(partOf($path, $values[$i - 1])), GalleryDesign::default()->with(partOf($path, $values[$i]))];
        $said = DesignWords::changed($from, $to);
        expect($said)->toContain(lcfirst($setting->label))->toContain($setting->kind->says($values[$i - 1]).' to '.$setting->kind->says($values[$i]))
            ->and($said)->not->toContain('_');
    }
    expect($setting->kind->says($values[0]))->not->toBe($setting->kind->says($values[1]));
})->with($paths);

it('is in force in some design, and its heading tells how it stands there', function (string $path): void {
    $found = false;
    $kinds = array_column(collect(Vocabulary::all()['settings'])->firstWhere('path', 'layout.kind')['options'], 'value');
    foreach ($kinds as $kind) {
        foreach (['count', 'fit'] as $rule) {
            foreach (['all', 'rows'] as $view) {
                $design = GalleryDesign::default()->with(['layout' => ['kind' => $kind, 'column_rule' => $rule, 'initial_view' => $view]]);
                $found = $found || in_array($path, $design->inForce(), true);
                foreach ($design->inForce() as $each) {
                    expect(DesignWords::briefs($design))->toHaveKey(GalleryDesign::settings()[$each]->under);
                }
            }
        }
    }
    expect($found)->toBeTrue();
})->with($paths);

it('says a change in the order of the controls, and leaves out what nobody would see', function (): void {
    $grid = GalleryDesign::default();
    $strip = $grid->with(['layout' => ['kind' => 'strip', 'height' => 500, 'row_height' => 300]]);
    expect(DesignWords::changed($grid, $strip))->toBe('layout grid to strip, height 420 px to 500 px')
        ->and(DesignWords::changed($grid, $grid->with(['layout' => ['row_height' => 300]])))->toBe('row height, about 230 px to 300 px')
        ->and(DesignWords::changed($grid, $grid->with(['layout' => ['caption_lines' => 1, 'phone' => ['columns' => 2]]])))->toBe('captions below none to 1 line, columns on a phone by itself to 2')
        ->and(array_keys(DesignWords::briefs($strip)))->toBe(['Layout', 'Tiles', 'Phone'])->and(DesignWords::briefs($strip)['Tiles'])->toStartWith('500 px high, gap 8 px')
        ->and(DesignWords::briefs($strip))->toMatchArray(['Layout' => 'strip', 'Phone' => 'height by itself']);
});
