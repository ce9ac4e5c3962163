<?php

declare(strict_types=1);

use App\Actions\FinishNotTakenException;
use App\Actions\NothingToUndoException;
use App\Actions\RefusedException;
use App\Actions\StaleVersionException;
use App\Http\Middleware\CompressAnswers;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Problem;
use App\Imaging\ImagingException;
use App\Intake\IntakeException;
use App\Intake\PartException;
use App\Intake\Sources\SourceException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use ZincPane\Core\Design\FinishFileException;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Settings\SettingException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(using: function (): void {
        require __DIR__.'/../routes/public.php';
        require __DIR__.'/../routes/studio.php';
    })
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // Cross-origin rules are our own, on the few public addresses that need them.
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->prepend(CompressAnswers::class);
        $middleware->redirectGuestsTo('/studio/sign-in');
        $middleware->trimStrings(except: ['password']);
        // An empty word is a word: it hides the picture's own.
        $middleware->convertEmptyStringsToNull(except: [static fn (): bool => true]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(static fn (Throwable $exception, Request $request) => $request->is('studio/api/*')
            ? Problem::from($exception)
            : null);
        $exceptions->map(static fn (SettingException $refusal): RefusedException => RefusedException::from($refusal));
        $exceptions->map(static fn (FinishFileException $refusal): FinishNotTakenException => FinishNotTakenException::from($refusal));
        $exceptions->map(static fn (ChangeException $refusal): RefusedException => RefusedException::from($refusal));
        // Refusals are answers, not faults.
        $exceptions->dontReport([RefusedException::class, FinishNotTakenException::class, FinishFileException::class, StaleVersionException::class, NothingToUndoException::class, IntakeException::class, PartException::class, SourceException::class, SettingException::class, ChangeException::class]);
        $exceptions->report(static function (ImagingException $exception): void {
            logger()->warning($exception->getMessage());
        })->stop();
    })
    ->create();
