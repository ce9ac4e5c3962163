<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** Each room of the core, and the rooms it may look into: none of them looks back. */
const CORE_ROOMS = [
    'Geometry' => [],
    'Colour' => [],
    'Cropping' => ['Colour', 'Geometry'],
    'Settings' => ['Foreign'],
    'Tidying' => ['Cropping', 'Geometry', 'Settings'],
    'Finish' => ['Foreign', 'Settings'],
    'Viewer' => ['Settings'],
    'Phrases' => [],
    'Access' => ['Foreign'],
    'Design' => ['Finish', 'Foreign', 'Geometry', 'Settings', 'Viewer'],
    'Gallery' => ['Design', 'Foreign', 'Settings', 'Tidying', 'Viewer'],
    'Wording' => ['Foreign', 'Gallery', 'Settings'],
    'Ordering' => ['Colour', 'Geometry', 'Settings'],
    'Changes' => ['Design', 'Gallery', 'Settings', 'Tidying', 'Viewer'],
    'Layout' => ['Design', 'Finish', 'Gallery', 'Geometry'],
    'Delivery' => ['Design', 'Geometry', 'Layout', 'Viewer'],
    'Measuring' => ['Cropping', 'Delivery', 'Design', 'Geometry', 'Layout', 'Settings'],
    'Edition' => ['Cropping', 'Delivery', 'Design', 'Gallery', 'Geometry', 'Layout', 'Measuring', 'Viewer'],
    'Markup' => ['Colour', 'Cropping', 'Delivery', 'Design', 'Edition', 'Finish', 'Foreign', 'Gallery', 'Geometry', 'Layout', 'Phrases', 'Viewer', 'Wording'],
    'Legibility' => ['Colour', 'Cropping', 'Design', 'Edition', 'Finish', 'Gallery', 'Geometry', 'Layout'],
    'Snags' => ['Changes', 'Colour', 'Design', 'Finish', 'Gallery', 'Geometry', 'Layout', 'Legibility', 'Measuring', 'Ordering', 'Settings', 'Viewer', 'Wording'],
    'Site' => ['Delivery', 'Design', 'Edition', 'Foreign', 'Geometry', 'Markup', 'Settings'],
    'Embeds' => ['Access', 'Delivery', 'Design', 'Edition', 'Finish', 'Geometry', 'Layout', 'Markup', 'Phrases', 'Viewer'],
    'Formats' => ['Delivery', 'Design', 'Edition', 'Embeds', 'Foreign', 'Gallery', 'Markup', 'Tidying', 'Viewer'],
];

/** Each room of the application, and the rooms it may look into. The core is told apart below. */
const APP_ROOMS = [
    'BroughtIn' => [],
    'Casts' => [],
    'Database' => [],
    'Faults' => [],
    'Imaging' => ['Faults'],
    'Models' => ['Casts', 'Faults'],
    'Access' => ['Models'],
    'Intake' => ['Faults', 'Imaging', 'Models'],
    'Actions' => ['Access', 'Faults', 'Imaging', 'Intake', 'Models'],
    'Jobs' => ['Actions', 'Exchange', 'Faults', 'Imaging', 'Intake', 'Models'],
    'Publishing' => ['Actions', 'BroughtIn', 'Imaging', 'Models'],
    'Pages' => ['Actions', 'BroughtIn', 'Intake', 'Models', 'Publishing'],
    'Proofing' => ['Actions', 'Intake', 'Models', 'Pages', 'Publishing'],
    'Upgrading' => ['Casts', 'Imaging', 'Intake', 'Models'],
    'Serving' => ['Publishing'],
    'Elsewhere' => ['Models', 'Publishing', 'Serving'],
    'Exchange' => ['Actions', 'BroughtIn', 'Intake', 'Models', 'Publishing'],
    'Upkeep' => ['Access', 'Intake', 'Models', 'Publishing'],
    'Contract' => ['Models', 'Proofing'],
];

foreach (CORE_ROOMS as $room => $others) {
    arch("the core's room {$room} looks only into its own and ".($others === [] ? 'no other' : implode(', ', $others)))
        ->expect("ZincPane\\Core\\{$room}")
        ->toOnlyUse(array_map(static fn (string $other): string => "ZincPane\\Core\\{$other}", [$room, ...$others]));
}

foreach (APP_ROOMS as $room => $others) {
    $closed = array_diff([...array_keys(APP_ROOMS), 'Console', 'Http', 'Providers'], [$room, ...$others]);
    arch("the room {$room} looks only into its own and ".($others === [] ? 'no other' : implode(', ', $others)))
        ->expect("App\\{$room}")
        ->not->toUse(array_map(static fn (string $other): string => "App\\{$other}", array_values($closed)));
}

it('knows every room there is', function (): void {
    $rooms = static fn (string $folder): array => array_map(basename(...), glob(__DIR__."/../{$folder}/*", GLOB_ONLYDIR));
    expect(array_diff($rooms('core'), array_keys(CORE_ROOMS)))->toBe([])
        ->and(array_diff($rooms('app'), [...array_keys(APP_ROOMS), 'Console', 'Http', 'Providers']))->toBe([]);
});

it('has no circle among the rooms', function (array $rooms): void {
    $done = [];
    while (count($done) < count($rooms)) {
        $free = array_keys(array_filter($rooms, static fn (array $others, string $room): bool => ! in_array($room, $done, true) && array_diff($others, [...$done, 'Foreign']) === [], ARRAY_FILTER_USE_BOTH));
        expect($free)->not->toBe([]);
        array_push($done, ...$free);
    }
    expect($done)->toHaveCount(count($rooms));
})->with(['the core' => [CORE_ROOMS], 'the application' => [APP_ROOMS]]);

arch('the HTTP layer knows the core only by way of other rooms')
    ->expect('ZincPane\Core')
    ->not->toBeUsedIn('App\Http');

arch('equality is strict')
    ->expect(['ZincPane\Core', 'App'])
    ->toUseStrictEquality();

arch('the core knows no clock, no chance, no files')
    ->expect(['time', 'microtime', 'date', 'random_int', 'mt_rand', 'rand', 'file_get_contents', 'fopen', 'DateTimeImmutable', 'config', 'env'])
    ->not->toBeUsedIn('ZincPane\Core');

arch('classes of the core are final')
    ->expect('ZincPane\Core')
    ->classes()
    ->toBeFinal();

arch('strict types everywhere')
    ->expect(['ZincPane\Core', 'App'])
    ->toUseStrictTypes();

arch('only Imaging starts processes')
    ->expect([Process::class, 'exec', 'shell_exec', 'proc_open', 'passthru', 'system', 'popen'])
    ->toOnlyBeUsedIn(['App\Imaging', 'Bench']);

arch('only Publishing writes public files')
    ->expect('App\Publishing\LiveFiles')
    ->toOnlyBeUsedIn(['App\Publishing', 'App\Http\Controllers\Live', 'App\Http\Middleware']);

arch('actions use no facades')
    ->expect('Illuminate\Support\Facades')
    ->not->toBeUsedIn(['App\Actions', 'App\Imaging', 'App\Intake', 'App\Publishing']);

arch()->preset()->php();
arch()->preset()->security();

it('keeps every class to 300 lines', function (): void {
    $long = [];
    foreach (['core', 'app', 'tests', 'bench', 'database'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../'.$folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'php' && count(file($file->getPathname())) > 300) {
                $long[] = $file->getFilename();
            }
        }
    }
    expect($long)->toBe([]);
});
