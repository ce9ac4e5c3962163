<?php

declare(strict_types=1);

/*
 * Galleries of so many pictures each, in the database that the environment names: php bench/galleries.php 200 1000
 * Prints their identifiers as JSON. For benchmarks that are not written in PHP.
 */

use App\Models\User;
use Bench\Galleries;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;

require __DIR__.'/../vendor/autoload.php';

touch((string) getenv('DB_DATABASE'));
/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
User::query()->firstOrCreate(['email' => 'bench@saltreed.example'], ['name' => 'Bench', 'password' => 'bench']);
$made = [];
foreach (array_slice($argv, 1) as $count) {
    $gallery = Galleries::of((int) $count);
    Galleries::release($gallery);
    $made[] = ['id' => $gallery->id, 'pictures' => (int) $count];
}
echo json_encode($made), "\n";
