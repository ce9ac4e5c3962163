<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\NeedsOfGallery;
use App\Database\ImmediateConnector;
use App\Imaging\BaseMaker;
use App\Imaging\RenditionMaker;
use App\Imaging\Tools;
use App\Intake\Sources\CameraCard;
use App\Intake\Sources\Sources;
use App\Intake\Sources\StockShelf;
use App\Intake\Workshop;
use App\Jobs\QueuedWorkshop;
use App\Publishing\VisitorScript;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
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
        ));
        $this->app->singleton(RenditionMaker::class, static fn ($app) => new RenditionMaker(
            $app->make(Tools::class),
            $app->make(BaseMaker::class),
            ['webp' => config()->integer('zinc.quality.webp'), 'jpg' => config()->integer('zinc.quality.jpg')],
        ));
        // One change asks for the same arrangements in several places.
        $this->app->singleton(Arranger::class);
        $this->app->singleton(NeedsOfGallery::class);
        $this->app->bind(Workshop::class, QueuedWorkshop::class);
        $this->app->singleton(Sources::class, static fn ($app) => new Sources([
            new CameraCard(database_path('demo/card'), $app->make(ConnectionInterface::class)),
            new StockShelf(database_path('demo/shelf')),
        ]));
        $this->app->singleton(VisitorScript::class, static fn () => new VisitorScript(resource_path('viewer/dist')));
        $this->app->bind(StatefulGuard::class, static fn () => Auth::guard('web'));
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! app()->isProduction());
        JsonResource::withoutWrapping();
        // Only tries that failed count.
        $failed = static fn (Response $response): bool => $response->getStatusCode() === 422;
        RateLimiter::for('sign-in', static fn (Request $request) => [
            Limit::perMinute(20)->by('address|'.$request->ip())->after($failed),
            Limit::perMinute(5)->by('account|'.mb_strtolower($request->string('email')->toString()).'|'.$request->ip())->after($failed),
        ]);
    }
}
