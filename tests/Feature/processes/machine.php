<?php

declare(strict_types=1);

// Something is wrong with the machine: php machine.php FOLDER FAULT, in a namespace of mounts of its own.
// FOLDER is a small disk. Prints what was answered while it was wrong, and once it was well again.

use App\Actions\AddText;
use App\Actions\CreateGallery;
use App\Models\Body;
use App\Models\Site;
use App\Models\Upload;
use App\Models\User;
use App\Pages\PartsOfHtml;
use App\Publishing\VisitorScript;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Contracts\Http\Kernel as HttpKernel;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;

require __DIR__.'/../../../vendor/autoload.php';

[, $folder, $fault] = $argv;
foreach (['APP_ENV' => 'testing', 'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=', 'DB_DATABASE' => "{$folder}/db.sqlite", 'ZINC_FILES' => "{$folder}/files", 'QUEUE_CONNECTION' => 'sync', 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array', 'LOG_CHANNEL' => 'null'] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
$app = require __DIR__.'/../../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
touch("{$folder}/db.sqlite");
Artisan::call('migrate', ['--force' => true]);
foreach (VisitorScript::PARTS as $name) {
    file_put_contents("{$folder}/{$name}.js", '/* */');
}
$app->singleton(VisitorScript::class, static fn (): VisitorScript => new VisitorScript($folder));
$site = Site::query()->create(['name' => 'Saltreed', 'shell' => '<html><head>{{head}}</head><body>{{menu}}{{content}}</body></html>', 'stylesheet' => 'p{}', 'margin' => 18, 'content_width' => 1120]);
$site->pages()->create(['slug' => 'kites', 'title' => 'Kites', 'position' => 0, 'body' => Body::ofParts(PartsOfHtml::of(['<p>One</p>']))]);
$user = User::query()->create(['name' => 'Owner', 'email' => 'owner@saltreed.example', 'password' => 'long wind']);
$gallery = $app->make(CreateGallery::class)->handle('One');
$app->make(AddText::class)->handle($gallery, 'Tea', '<p>At three.</p>', null);

/** Status, and the code of the problem where there is one. */
$ask = static function (string $method, string $path, array $body = [], array $files = [], array $headers = [], ?string $content = null) use ($app, $user): string {
    Auth::setUser($user);
    $request = Request::create("/studio/api/{$path}", $method, $body, [], $files, ['HTTP_ACCEPT' => 'application/json', ...$headers], $content);
    $response = $app->make(HttpKernel::class)->handle($request);

    return $response->getStatusCode().' '.(json_decode((string) $response->getContent(), true)['code'] ?? '').($response->headers->has('Retry-After') ? ' later' : '');
};
$picture = static function (int $seed, int $width = 700): string {
    mt_srand($seed);
    $image = imagecreatetruecolor($width, intdiv($width * 2, 3));
    for ($i = 0; $i < 60; $i++) {
        imagefilledellipse($image, mt_rand(0, $width), mt_rand(0, $width), mt_rand(9, 200), mt_rand(9, 200), mt_rand(0, 0xFFFFFF));
    }
    $path = sys_get_temp_dir().'/machine-'.getmypid()."-{$seed}.jpg";
    imagejpeg($image, $path, 90);
    register_shutdown_function(static fn () => @unlink($path));

    return $path;
};
$send = static fn (int $seed): string => $ask('POST', "galleries/{$gallery->id}/pictures", [], ['picture' => new UploadedFile($picture($seed), "kite-{$seed}.jpg", null, null, true)]);
$live = static fn (): string => $ask('POST', "galleries/{$gallery->id}/live", ['version' => $gallery->refresh()->version]);
$change = static fn (int $gap): string => $ask('PATCH', "galleries/{$gallery->id}", ['version' => $gallery->refresh()->version, 'change' => ['kind' => 'design', 'design' => ['layout' => ['gap' => $gap]]]]);
$seen = static fn (): string => preg_match('~gap:(\d+)px~', (string) @file_get_contents("{$folder}/files/live/current/embed/{$gallery->id}.json"), $found) === 1 ? $found[1] : 'none';
$fill = static function (int $left = 0) use ($folder): void {
    $ballast = fopen("{$folder}/ballast", 'ab');
    while (@fwrite($ballast, str_repeat('x', 65536)) === 65536);
    while (@fwrite($ballast, str_repeat('x', 512)) === 512);
    ftruncate($ballast, max(0, fstat($ballast)['size'] - $left));
    fclose($ballast);
};
$empty = static fn (): bool => unlink("{$folder}/ballast");
$run = static function (string $command): void {
    exec("{$command} 2>&1", $said, $status);
    $status === 0 || exit("{$command}: ".implode("\n", $said));
};
$missing = static fn (string $tool) => $run("mount --bind /dev/null /usr/bin/{$tool}");
$back = static fn (string $tool) => $run("umount /usr/bin/{$tool}");
$again = static fn (callable $act): array => [$act(), ($empty() ? $act() : '')];
$begin = static function (string $bytes) use ($ask, $gallery): Upload {
    $ask('POST', 'uploads', [], [], ['HTTP_UPLOAD_LENGTH' => (string) strlen($bytes), 'HTTP_UPLOAD_METADATA' => 'filename '.base64_encode('kite.jpg').',gallery '.base64_encode($gallery->id)]);

    return Upload::query()->latest('id')->firstOrFail();
};
$part = static fn (Upload $upload, string $bytes, int $at): string => $ask('PATCH', "uploads/{$upload->id}", [], [], ['HTTP_UPLOAD_OFFSET' => (string) $at, 'CONTENT_TYPE' => 'application/offset+octet-stream'], $bytes);
$received = static fn (Upload $upload): int => (int) @filesize("{$folder}/files/parts/{$upload->id}");

$trials = require __DIR__.'/machine-trials.php';
echo json_encode($trials[$fault]());
