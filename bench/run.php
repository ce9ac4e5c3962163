<?php

declare(strict_types=1);

/*
 * Benchmarks: php bench/run.php NAME | all
 *
 * Prints one JSON object a line. Medians over several runs after a warm-up; what depends on the
 * machine's speed is compared with a yardstick in the same run.
 */

use Bench\AddBench;
use Bench\ChangeBench;
use Bench\ExchangeBench;
use Bench\FinishBench;
use Bench\FocalBench;
use Bench\FormatsBench;
use Bench\GalleriesBench;
use Bench\GridBench;
use Bench\IntakeBench;
use Bench\JournalBench;
use Bench\LayoutBench;
use Bench\MarkupBench;
use Bench\OrderBench;
use Bench\ProofBench;
use Bench\RenditionsBench;
use Bench\SiteBench;
use Bench\SnagBench;
use Bench\SqliteBench;
use Bench\StoreBench;
use Bench\TidyBench;
use Bench\WeightBench;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;

require __DIR__.'/../vendor/autoload.php';

// A database and files of their own, gone afterwards.
$folder = sys_get_temp_dir().'/zinc-pane-bench-'.bin2hex(random_bytes(4));
mkdir($folder);
foreach (['DB_DATABASE' => "{$folder}/bench.sqlite", 'ZINC_FILES' => $folder, 'QUEUE_CONNECTION' => 'null', 'APP_ENV' => 'production', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file'] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
touch("{$folder}/bench.sqlite");
/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);

$benches = [
    'grid-1000' => fn (): array => GridBench::run(1000),
    'grid-10000' => fn (): array => GridBench::run(10000),
    'rows-1000' => fn (): array => LayoutBench::arrange('rows', 1000),
    'rows-10000' => fn (): array => LayoutBench::arrange('rows', 10_000),
    'masonry-1000' => fn (): array => LayoutBench::arrange('masonry', 1000),
    'masonry-10000' => fn (): array => LayoutBench::arrange('masonry', 10_000),
    'mosaic-1000' => fn (): array => LayoutBench::arrange('mosaic', 1000),
    'mosaic-10000' => fn (): array => LayoutBench::arrange('mosaic', 10_000),
    'suggest-24' => fn (): array => LayoutBench::suggest(24),
    'suggest-200' => fn (): array => LayoutBench::suggest(200),
    'snags-200' => fn (): array => SnagBench::look(200, ['columns' => 7], false),
    'snags-mended-200' => fn (): array => SnagBench::look(200, ['columns' => 7], true),
    'snags-rows-200' => fn (): array => SnagBench::look(200, ['kind' => 'rows', 'row_height' => 160], false),
    'snags-1000' => fn (): array => SnagBench::look(1000, ['columns' => 7], false),
    'balance' => fn (): array => LayoutBench::balance(),
    'tiled-cost' => fn (): array => LayoutBench::tiledCost(),
    'markup-200' => fn (): array => MarkupBench::run(200),
    'formats' => fn (): array => FormatsBench::run($folder),
    'weight-model' => fn (): array => WeightBench::run($folder),
    'proof-200' => fn (): array => ProofBench::run(200),
    'proof-1000' => fn (): array => ProofBench::grown(1000),
    'contrast-200' => fn (): array => FinishBench::contrast(200),
    'finish-css' => fn (): array => FinishBench::css(60),
    'finish-proof-200' => fn (): array => FinishBench::proof(200),
    'change-1000' => fn (): array => ChangeBench::caption(1000),
    'fill-1000' => fn (): array => ChangeBench::fill(1000),
    'csv-10000' => fn (): array => ChangeBench::csv(10_000),
    'put-live-200' => fn (): array => SiteBench::live(200, 5, 5),
    'put-live-60-pages' => fn (): array => SiteBench::live(24, 60, 2),
    'pages-preview' => fn (): array => SiteBench::preview(24),
    'import-html' => fn (): array => SiteBench::import(),
    'export-200' => fn (): array => ExchangeBench::out($folder, 200),
    'import-json-200' => fn (): array => ExchangeBench::in($folder, 200),
    'galleries-60' => fn (): array => GalleriesBench::run(60),
    'sqlite-1' => fn (): array => SqliteBench::run($folder, 1, 0, 0),
    'sqlite-4' => fn (): array => SqliteBench::run($folder, 4, 0, 0),
    'sqlite-16' => fn (): array => SqliteBench::run($folder, 16, 0, 0),
    'sqlite-4-and-8-readers' => fn (): array => SqliteBench::run($folder, 4, 8, 0),
    'sqlite-4-and-8-readers-1-gb' => fn (): array => SqliteBench::run($folder, 4, 8, 700_000),
    'journal-20000' => fn (): array => JournalBench::run(20_000),
    'add-100' => fn (): array => AddBench::run(100),
    'order-1000' => fn (): array => OrderBench::run(1000),
    'focal-one' => fn (): array => FocalBench::run(),
    'store-search' => fn (): array => StoreBench::run(10_000),
    'tidy-24mp' => fn (): array => TidyBench::run($folder),
    'intake-100' => fn (): array => IntakeBench::run($folder, 100),
    'renditions-24mp' => fn (): array => RenditionsBench::run($folder),
];
$wanted = $argv[1] ?? '';
if ($wanted !== 'all' && ! isset($benches[$wanted])) {
    fwrite(STDERR, 'Usage: php bench/run.php '.implode('|', array_keys($benches))."|all\n");
    exit(2);
}
try {
    foreach ($wanted === 'all' ? $benches : [$wanted => $benches[$wanted]] as $name => $bench) {
        echo json_encode(['name' => $name, ...(array) $bench()], JSON_UNESCAPED_SLASHES), "\n";
    }
} finally {
    (new Illuminate\Filesystem\Filesystem)->deleteDirectory($folder);
}
