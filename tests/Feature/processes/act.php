<?php

declare(strict_types=1);

// One act of the application in a process of its own, on data of its own: php act.php FOLDER ACT [WHAT]
// Prints its outcome as JSON. "live-killed" ends by SIGKILL between the swap and the commit.

use App\Actions\AddPictures;
use App\Actions\AddText;
use App\Actions\ChangeGallery;
use App\Actions\CreateGallery;
use App\Intake\TakeIn;
use App\Jobs\MakeRenditions;
use App\Jobs\TakeInZip;
use App\Models\Batch;
use App\Models\Body;
use App\Models\Edition;
use App\Models\Gallery;
use App\Models\Picture;
use App\Models\Site;
use App\Models\User;
use App\Pages\PartsOfHtml;
use App\Publishing\PutLive;
use App\Publishing\VisitorScript;
use App\Upkeep\Sweep;
use App\Upkeep\Tend;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Http\Kernel as HttpKernel;
use Illuminate\Database\Events\TransactionCommitting;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
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
foreach (VisitorScript::PARTS as $name) {
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
        $site->pages()->create(['slug' => 'kites', 'title' => 'Kites', 'position' => 0, 'body' => Body::ofParts(PartsOfHtml::of(['<p>One</p>']))]);
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
        Event::listen(TransactionCommitting::class, static function () use ($before): void {
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
    'put-in' => $app->make(AddPictures::class)->handle(Gallery::query()->findOrFail(explode('@', $what)[0]), [Picture::query()->findOrFail(explode('@', $what)[1])], null)->version,
    'render' => $app->call([new MakeRenditions($what), 'handle']),
    'zip-begin' => (static function () use ($app, $what): string {
        [$gallery, $path] = explode('@', $what);
        $batch = Batch::query()->create(['gallery_id' => $gallery, 'name' => 'kites.zip', 'total' => 6]);
        $app->make(Factory::class)->disk('parts')->put($batch->id, (string) file_get_contents($path));

        return $batch->id;
    })(),
    'zip' => $app->call([new TakeInZip($what), 'handle']),
    // What of all that is stored is not as it should be, told by nothing but the files and the rows.
    'amiss' => (static function () use ($app, $folder): array {
        $app->make(Tend::class)->handle();
        $app->make(Sweep::class)->handle(true);
        $amiss = [];
        foreach (DB::table('pictures')->get() as $row) {
            $original = glob("{$folder}/files/originals/*/{$row->hash}*")[0] ?? '';
            $amiss[] = is_file($original) && hash_file('sha256', $original) === $row->hash ? null : "{$row->name} has no original";
            foreach (json_decode($row->renditions, true) as $file => $bytes) {
                $made = glob("{$folder}/files/renditions/*/{$row->rendition_key}/{$file}")[0] ?? '';
                $amiss[] = is_file($made) && filesize($made) === $bytes && getimagesize($made) !== false ? null : "{$row->name} has no {$file}";
            }
        }
        foreach (DB::table('galleries')->get() as $row) {
            $last = DB::table('journal_entries')->where('gallery_id', $row->id)->max('version') ?? 1;
            $amiss[] = $row->version === $last ? null : "{$row->title} is at {$row->version}, its journal at {$last}";
            $places = DB::table('gallery_items')->where('gallery_id', $row->id)->orderBy('position')->pluck('position')->all();
            $amiss[] = $places === array_keys($places) ? null : "{$row->title} has places ".implode(', ', $places);
            $edition = DB::table('editions')->where('id', $row->edition_id)->value('content');
            $seen = (string) @file_get_contents("{$folder}/files/live/current/embed/{$row->id}.json");
            $gap = json_decode((string) $edition, true)['design']['layout']['gap'] ?? null;
            $amiss[] = $edition === null || str_contains($seen, "gap:{$gap}px") ? null : "visitors of {$row->title} see another gap than {$gap}";
            preg_match_all('~/media/([0-9a-f]{24})/([0-9]+\.\w+)~', $seen, $leads);
            foreach ($leads[0] as $at => $lead) {
                $amiss[] = is_file("{$folder}/files/live/media/{$leads[1][$at]}/{$leads[2][$at]}") ? null : "visitors of {$row->title} are led to {$lead}";
            }
        }
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$folder}/files", FilesystemIterator::SKIP_DOTS), RecursiveIteratorIterator::SELF_FIRST) as $file) {
            $amiss[] = preg_match('~/(\.work-|\.next-)|\.[0-9a-f]{12}$|parts/.*\.lock$~', $file->getPathname()) === 1 ? "{$file->getPathname()} was left" : null;
        }
        $amiss[] = DB::selectOne('PRAGMA integrity_check')->integrity_check === 'ok' ? null : 'the database is damaged';

        return array_values(array_filter($amiss));
    })(),
    'count' => [DB::table('pictures')->count(), DB::table('gallery_items')->where('gallery_id', $what)->count(), Gallery::query()->find($what)?->version],
    'told' => json_decode($ask("/studio/api/galleries/{$what}"), true)['live']['changes'],
    'embed' => $ask("/embed/{$what}.json"),
});
