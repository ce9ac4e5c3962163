<?php

declare(strict_types=1);

use App\Access\Look;
use App\Access\Opening;
use App\Access\SecurityLog;
use App\Access\SignInException;
use App\Actions\FinishNotTakenException;
use App\Actions\NothingToUndoException;
use App\Actions\RefusedException;
use App\Actions\StaleVersionException;
use App\BroughtIn\BroughtInException;
use App\Exchange\ExchangeException;
use App\Http\Middleware\CompressAnswers;
use App\Http\Middleware\InScope;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\KnownSignIn;
use App\Http\Middleware\MayDo;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TrustedProxies;
use App\Http\Problem;
use App\Imaging\ImagingException;
use App\Intake\IntakeException;
use App\Intake\PartException;
use App\Intake\Sources\SourceException;
use App\Models\SecurityKind;
use App\Pages\StalePageException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use ZincPane\Core\Access\AccessException;
use ZincPane\Core\Design\FinishFileException;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Site\SiteException;

// One installation is one folder: its settings, what it stores, and what it notes down while it works.
$data = rtrim((string) getenv('ZINC_DATA'), '/');
if ($data !== '') {
    foreach (['APP_PACKAGES_CACHE' => 'packages', 'APP_SERVICES_CACHE' => 'services', 'APP_CONFIG_CACHE' => 'config', 'APP_ROUTES_CACHE' => 'routes'] as $name => $file) {
        $_ENV[$name] = $_SERVER[$name] = "{$data}/storage/framework/{$file}.php";
    }
}

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(using: function (): void {
        // Before the pages of visitors, whose paths may be anything.
        require __DIR__.'/../routes/api.php';
        require __DIR__.'/../routes/public.php';
        require __DIR__.'/../routes/studio.php';
    })
    ->withCommands([__DIR__.'/../app/Console', __DIR__.'/../routes/console.php'])
    ->withMiddleware(function (Middleware $middleware): void {
        // Cross-origin rules are our own, on the few public addresses that need them.
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        // Whoever says it speaks for others, or calls this machine by another name, is believed only where that was told (config/zinc.php).
        $middleware->replace(TrustProxies::class, TrustedProxies::class);
        $middleware->prepend(KnownHosts::class);
        $middleware->prepend(CompressAnswers::class);
        $middleware->alias([MayDo::NAME => MayDo::class, InScope::NAME => InScope::class]);
        // Who may not come in learns nothing of what is there.
        $middleware->prependToPriorityList(SubstituteBindings::class, KnownSignIn::class);
        $middleware->prependToPriorityList(SubstituteBindings::class, InScope::class);
        $middleware->prependToPriorityList(SubstituteBindings::class, MayDo::class);
        $middleware->redirectGuestsTo('/studio/sign-in');
        // Signed by itself, and set where there is no session.
        $middleware->encryptCookies(except: [Look::COOKIE, Opening::COOKIE]);
        $middleware->trimStrings(except: ['password']);
        // An empty word is a word: it hides the picture's own.
        $middleware->convertEmptyStringsToNull(except: [static fn (): bool => true]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What was refused is noted, whoever asks later why a file is not there.
        $exceptions->render(static function (IntakeException $refused): null {
            resolve(SecurityLog::class)->note(SecurityKind::FileRefused, $refused->getMessage());

            return null;
        });
        $exceptions->render(static fn (Throwable $exception, Request $request) => $request->is('studio/api/*', 'api/*')
            ? Problem::from($exception)
            : null);
        $exceptions->map(static fn (SettingException $refusal): RefusedException => RefusedException::from($refusal));
        $exceptions->map(static fn (FinishFileException $refusal): FinishNotTakenException => FinishNotTakenException::from($refusal));
        $exceptions->map(static fn (ChangeException $refusal): RefusedException => RefusedException::from($refusal));
        $exceptions->map(static fn (AccessException $refusal): RefusedException => RefusedException::from($refusal));
        $exceptions->map(static fn (SiteException $refusal): RefusedException => RefusedException::from($refusal));
        // Refusals are answers, not faults.
        $exceptions->dontReport([SignInException::class, RefusedException::class, FinishNotTakenException::class, FinishFileException::class, StaleVersionException::class, NothingToUndoException::class, IntakeException::class, PartException::class, SourceException::class, SettingException::class, ChangeException::class, SiteException::class, AccessException::class, StalePageException::class, BroughtInException::class, ExchangeException::class]);
        $exceptions->report(static function (ImagingException $exception): void {
            logger()->warning($exception->getMessage());
        })->stop();
    })
    ->create();
if ($data !== '') {
    $app->useEnvironmentPath($data);
    $app->useStoragePath("{$data}/storage");
}

return $app;
