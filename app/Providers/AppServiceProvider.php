<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\NeedsOfGallery;
use App\Database\ImmediateConnector;
use App\Http\Controllers\Live\UnlockGallery;
use App\Imaging\BaseMaker;
use App\Imaging\RenditionMaker;
use App\Imaging\Tools;
use App\Imaging\WordsWriter;
use App\Intake\Sources\CameraCard;
use App\Intake\Sources\Sources;
use App\Intake\Sources\StockShelf;
use App\Intake\Workshop;
use App\Jobs\QueuedWorkshop;
use App\Models\SignIn;
use App\Models\Site;
use App\Models\Token;
use App\Models\User;
use App\Proofing\CodeMark;
use App\Publishing\VisitorScript;
use App\Upkeep\Tend;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Queue\Events\WorkerStarting;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use ZincPane\Core\Layout\Arranger;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->singleton(Tools::class, static fn () => new Tools(
            config()->integer('zinc.limits.seconds'),
            config()->integer('zinc.limits.memory_bytes'),
            config()->integer('zinc.limits.said_bytes'),
        ));
        $this->app->singleton(RenditionMaker::class, static fn (Application $app) => new RenditionMaker(
            $app->make(Tools::class),
            $app->make(BaseMaker::class),
            $app->make(WordsWriter::class),
            ['webp' => config()->integer('zinc.quality.webp'), 'jpg' => config()->integer('zinc.quality.jpg')],
        ));
        // One change asks for the same arrangements in several places.
        $this->app->singleton(Arranger::class);
        $this->app->singleton(NeedsOfGallery::class);
        $this->app->bind(Workshop::class, QueuedWorkshop::class);
        $this->app->singleton(Sources::class, static fn (Application $app) => new Sources([
            new CameraCard(database_path('demo/card'), $app->make(Connection::class)),
            new StockShelf(database_path('demo/shelf')),
        ]));
        $this->app->singleton(CodeMark::class, static fn () => new CodeMark([base_path('core'), base_path('app/Proofing')]));
        $this->app->singleton(VisitorScript::class, static fn () => new VisitorScript(resource_path('viewer/dist')));
    }

    private static function account(Request $request): string
    {
        $user = $request->user();

        $asked = $request->input('email');

        return $user instanceof User ? $user->email : mb_strtolower(mb_substr(is_string($asked) ? $asked : '', 0, 200));
    }

    private static function isKnownAddress(Request $request): bool
    {
        return SignIn::query()->where('address', (string) $request->ip())->whereIn('user_id', User::query()->where('email', self::account($request))->select('id'))->exists();
    }

    public function boot(): void
    {
        // nginx sends the files that PHP allows (deploy/nginx/php.conf sets the header itself).
        BinaryFileResponse::trustXSendfileTypeHeader();
        // Whatever a worker that was killed held in its hands is taken up by the next.
        Event::listen(WorkerStarting::class, static function (WorkerStarting $worker): void {
            resolve(Tend::class)->release($worker->queue);
            resolve(Tend::class)->handle();
        });
        // The same under every name that the studio is called by.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/{$path}");
        Sanctum::usePersonalAccessTokenModel(Token::class);
        Model::shouldBeStrict(! app()->isProduction());
        JsonResource::withoutWrapping();
        $many = static fn (Request $request, array $headers): Response => response(Site::query()->firstOrFail()->phrases()->say('comment_many'), 429, [...$headers, 'Content-Type' => 'text/plain; charset=utf-8']);
        RateLimiter::for('comment', static fn (Request $request) => [
            Limit::perMinute(5)->by('comment|'.$request->ip())->response($many),
            Limit::perHour(40)->by('comments|'.$request->ip())->response($many),
            // From many addresses at once.
            Limit::perMinute(100)->by('comments')->response($many),
        ]);
        // Only tries that failed count.
        $failed = static fn (Response $response): bool => $response->getStatusCode() === 422;
        $heldUp = static fn (Request $request, array $headers): Response => tap(UnlockGallery::heldUp($request), static fn (Response $answer) => $answer->headers->add($headers));
        RateLimiter::for('scripts', static fn (Request $request) => Limit::perMinute(600)->by('scripts|'.hash('sha256', (string) $request->bearerToken()).'|'.$request->ip()));
        RateLimiter::for('unlock', static fn (Request $request) => [
            Limit::perMinute(5)->by('unlock|'.$request->path().'|'.$request->ip())->after($failed)->response($heldUp),
            Limit::perHour(30)->by('unlocks|'.$request->ip())->after($failed)->response($heldUp),
            // From many addresses at once.
            Limit::perHour(120)->by('unlock|'.$request->path())->after($failed)->response($heldUp),
        ]);
        RateLimiter::for('sign-in', static fn (Request $request) => [
            Limit::perMinute(20)->by('address|'.$request->ip())->after($failed),
            Limit::perMinute(5)->by('account|'.self::account($request).'|'.$request->ip())->after($failed),
            // From many addresses at once; one that the account was signed in from before is not held up by strangers.
            self::isKnownAddress($request) ? Limit::none() : Limit::perHour(60)->by('strangers|'.self::account($request))->after($failed),
        ]);
    }
}
