<?php

declare(strict_types=1);

namespace App\Http;

use App\Access\ScopeException;
use App\Access\SignInException;
use App\Actions\FinishNotTakenException;
use App\Actions\NothingToUndoException;
use App\Actions\RefusedException;
use App\Actions\StaleVersionException;
use App\BroughtIn\BroughtInException;
use App\Exchange\ExchangeException;
use App\Faults\Cause;
use App\Imaging\ImagingException;
use App\Intake\IntakeException;
use App\Intake\PartException;
use App\Intake\Sources\SourceException;
use App\Pages\StalePageException;
use App\Publishing\BusyException;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Answers of the API when something cannot be done: problem details as of RFC 9457, with a code that stays. */
final class Problem
{
    public static function from(Throwable $exception): JsonResponse
    {
        return match (true) {
            $exception instanceof StaleVersionException => self::answer(409, 'stale-version', 'The gallery was changed in the meantime', $exception->getMessage(), [
                'current_version' => $exception->current,
                'since' => $exception->since,
                'clashes' => $exception->clashes,
            ]),
            $exception instanceof NothingToUndoException => self::answer(409, 'nothing-left', 'Nothing left', $exception->getMessage()),
            $exception instanceof StalePageException => self::answer(409, 'stale-page', 'The page was written on in the meantime', $exception->getMessage()),
            $exception instanceof BusyException => self::answer(409, 'busy', 'Somebody else is putting live', $exception->getMessage()),
            $exception instanceof SignInException => $exception->needsCode
                ? self::answer(401, 'second-step-needed', 'A second step', $exception->getMessage())
                : self::answer(422, 'not-valid', 'Not signed in', $exception->getMessage()),
            $exception instanceof ScopeException => self::answer(403, 'not-in-scope', 'Not in the scope of the token', $exception->getMessage()),
            $exception instanceof AuthorizationException, $exception instanceof AccessDeniedHttpException => self::answer(403, 'not-allowed', 'Not allowed', 'Your role in the studio does not allow this. Ask an owner of the site.'),
            $exception instanceof RefusedException => self::answer(422, $exception->reason->value, $exception->reason->title(), $exception->getMessage(), [
                'field' => $exception->field, 'allowed' => $exception->allowed,
            ]),
            $exception instanceof IntakeException => self::answer(422, $exception->reason, 'The file was not taken', $exception->getMessage()),
            $exception instanceof ExchangeException => self::answer(422, 'not-understood', 'No gallery can be made of it', $exception->getMessage()),
            $exception instanceof BroughtInException => self::answer(422, 'page-not-taken', 'The page was not brought in', $exception->getMessage(), ['field' => 'file']),
            $exception instanceof FinishNotTakenException => self::answer(422, 'finish-not-taken', 'The finish was not taken in', $exception->getMessage()),
            $exception instanceof PartException => self::answer($exception->status, 'part-not-taken', 'The part was not taken', $exception->getMessage()),
            $exception instanceof SourceException => self::answer(404, 'not-at-the-source', 'It is not there', $exception->getMessage()),
            $exception instanceof ValidationException => self::answer(422, 'not-valid', 'Something is missing or not valid', $exception->getMessage(), ['errors' => $exception->errors()]),
            $exception instanceof AuthenticationException => self::answer(401, 'not-signed-in', 'Not signed in', 'Sign in to go on.'),
            $exception instanceof ModelNotFoundException => self::answer(404, 'not-found', 'Not found', 'There is no such thing here, or no longer.'),
            $exception instanceof PostTooLargeException => self::tooLarge(),
            $exception instanceof HttpExceptionInterface => self::ofStatus($exception->getStatusCode(), $exception->getHeaders()),
            ($cause = Cause::of($exception)) !== null => self::ofCause($cause),
            $exception instanceof ImagingException => self::answer(422, 'picture-not-readable', 'A picture could not be prepared', $exception->getMessage()),
            default => self::answer(500, 'failed', 'Something went wrong', 'It was our fault and has been noted. Nothing was changed; try again.'),
        };
    }

    private static function ofCause(Cause $cause): JsonResponse
    {
        $answer = self::answer($cause->status(), $cause->value, $cause->title(), $cause->says());
        $answer->headers->set('Retry-After', (string) $cause->wait());

        return $answer;
    }

    /** The web server says the same by itself, before PHP hears of it. */
    public static function tooLarge(): JsonResponse
    {
        return self::answer(413, 'file-too-large', 'The file is too large', 'The file is larger than '.intdiv(config()->integer('zinc.limits.request_bytes'), 1024 * 1024).' MB, the most that one request takes. Send it in parts (POST uploads).');
    }

    /** And this while PHP does not answer it. */
    public static function starting(): JsonResponse
    {
        return self::answer(503, 'starting', 'The studio is starting again', 'It will be there in a moment. What was saved is saved; try again in some seconds.');
    }

    /**
     * @param  array<mixed>  $headers  Retry-After, say
     */
    private static function ofStatus(int $status, array $headers): JsonResponse
    {
        $answer = match ($status) {
            400 => self::answer(400, 'not-understood', 'Not understood', 'This was not asked in a way that is understood here.'),
            404 => self::answer(404, 'not-found', 'Not found', 'There is no such thing here, or no longer.'),
            419 => self::answer(419, 'page-expired', 'The page was open too long', 'Load the page again; what was saved is there.'),
            405 => self::answer(405, 'no-such-act', 'There is no such act', 'This address knows other methods than this one.'),
            429 => self::answer(429, 'too-many-tries', 'Too many tries', 'Wait a minute and try again.'),
            default => self::answer($status, 'not-possible', 'Not possible', 'This cannot be done.'),
        };
        foreach (array_intersect_key($headers, ['Retry-After' => 0, 'Allow' => 0]) as $name => $value) {
            $answer->headers->set($name, is_scalar($value) ? (string) $value : '');
        }

        return $answer;
    }

    /**
     * @param  array<string, mixed>  $facts
     */
    private static function answer(int $status, string $code, string $title, string $detail, array $facts = []): JsonResponse
    {
        return new JsonResponse(
            ['type' => "urn:zinc-pane:problem:{$code}", 'code' => $code, 'title' => $title, 'status' => $status, 'detail' => $detail, ...$facts],
            $status,
            ['Content-Type' => 'application/problem+json'],
        );
    }
}
