<?php

declare(strict_types=1);

// One act of the application in a process of its own, on data of its own: php act.php FOLDER ACT [WHAT]
// Prints its outcome as JSON. "live-killed" ends by SIGKILL between the commit and the swap.

use App\Actions\AddText;
use App\Actions\ChangeGallery;
use App\Actions\CreateGallery;
use App\Intake\TakeIn;
use App\Models\Edition;
use App\Models\Gallery;
use App\Models\Site;
use App\Models\User;
use App\Publishing\PutLive;
use App\Publishing\VisitorScript;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Contracts\Http\Kernel as HttpKernel;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;

require __DIR__.'/../../../vendor/autoload.php';

[, $folder, $act] = $argv;
$what = $argv[3] ?? '';
foreach (['APP_ENV' => 'production', 'DB_DATABASE' => "{$folder}/db.sqlite", 'ZINC_FILES' => "{$folder}/files", 'QUEUE_CONNECTION' => 'null', 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array'] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
$app = require __DIR__.'/../../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
foreach ([VisitorScript::MAIN, VisitorScript::VIEWER, VisitorScript::ARRIVAL] as $name) {
    touch("{$folder}/{$name}.js");
}
$app->singleton(VisitorScript::class, static fn (): VisitorScript => new VisitorScript($folder));
$ask = static function (string $path) use ($app): string {
    Auth::setUser(User::query()->firstOrFail());
    $response = $app->make(HttpKernel::class)->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json']));
    $file = method_exists($response, 'getFile') ? $response->getFile()->getContent() : (string) $response->getContent();

    return $response->getStatusCode() === 200 ? $file : (string) $response->getStatusCode();
};

echo json_encode(match ($act) {
    'begin' => (static function () use ($app, $folder): array {
        touch("{$folder}/db.sqlite");
        Artisan::call('migrate', ['--force' => true]);
        $site = Site::query()->create(['name' => 'Saltreed', 'shell' => '<html><head>{{head}}</head><body>{{menu}}{{content}}</body></html>', 'stylesheet' => 'p{}', 'margin' => 18, 'content_width' => 1120]);
        $site->pages()->create(['slug' => 'kites', 'title' => 'Kites', 'position' => 0, 'blocks' => ['<p>One</p>']]);
        User::query()->create(['name' => 'Owner', 'email' => 'owner@saltreed.example', 'password' => 'long wind']);

        return array_map(static function (string $title) use ($app): string {
            $gallery = $app->make(CreateGallery::class)->handle($title);
            $app->make(AddText::class)->handle($gallery, $title, "<p>{$title}</p>", null);

            return $gallery->id;
        }, ['One', 'Two']);
    })(),
    'gap' => $app->make(ChangeGallery::class)->asked(explode('@', $what)[0], Gallery::query()->findOrFail(explode('@', $what)[0])->version, ['kind' => 'design', 'design' => ['layout' => ['gap' => (int) explode('@', $what)[1]]]], null)->version,
    'live' => $app->make(PutLive::class)->handle($what, null, null)->version,
    'live-killed' => (static function () use ($app, $what): never {
        $before = Edition::query()->count();
        Event::listen(TransactionCommitted::class, static function () use ($before): void {
            if (Edition::query()->count() > $before) {
                exec('kill -9 '.getmypid());
            }
        });
        $app->make(PutLive::class)->handle($what, null, null);
        exit('it was not killed');
    })(),
    'bring-up' => Artisan::call('zinc:bring-up'),
    'take' => (static function () use ($app, $what): array {
        $taken = $app->make(TakeIn::class)->handle($what, basename($what));

        return [$taken->picture->id, $taken->isKnown];
    })(),
    'told' => json_decode($ask("/studio/api/galleries/{$what}"), true)['live']['changes'],
    'embed' => $ask("/embed/{$what}.json"),
});
