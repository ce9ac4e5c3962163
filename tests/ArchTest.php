<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

arch('the core uses nothing but PHP and itself')
    ->expect('ZincPane\Core')
    ->toOnlyUse(['ZincPane\Core']);

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

arch('controllers hold no rule of the job')
    ->expect('ZincPane\Core')
    ->not->toBeUsedIn('App\Http\Controllers');

arch('nothing below the HTTP layer knows it')
    ->expect('App\Http')
    ->not->toBeUsedIn(['App\Actions', 'App\Imaging', 'App\Intake', 'App\Jobs', 'App\Models', 'App\Publishing']);

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
