<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\FinishNotTakenException;
use App\Actions\NothingToUndoException;
use App\Actions\RefusedException;
use App\Actions\StaleVersionException;
use App\Imaging\ImagingException;
use App\Intake\IntakeException;
use App\Intake\PartException;
use App\Intake\Sources\SourceException;
use App\Publishing\BusyException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
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
            $exception instanceof BusyException => self::answer(409, 'busy', 'Somebody else is putting live', $exception->getMessage()),
            $exception instanceof RefusedException => self::answer(422, $exception->reason->value, $exception->reason->title(), $exception->getMessage(), [
                'field' => $exception->field, 'allowed' => $exception->allowed,
            ]),
            $exception instanceof IntakeException => self::answer(422, $exception->reason, 'The file was not taken', $exception->getMessage()),
            $exception instanceof FinishNotTakenException => self::answer(422, 'finish-not-taken', 'The finish was not taken in', $exception->getMessage()),
            $exception instanceof PartException => self::answer($exception->status, 'part-not-taken', 'The part was not taken', $exception->getMessage()),
            $exception instanceof SourceException => self::answer(404, 'not-at-the-source', 'It is not there', $exception->getMessage()),
            $exception instanceof ImagingException => self::answer(500, 'picture-not-readable', 'A picture could not be prepared', $exception->getMessage()),
            $exception instanceof ValidationException => self::answer(422, 'not-valid', 'Something is missing or not valid', $exception->getMessage(), ['errors' => $exception->errors()]),
            $exception instanceof AuthenticationException => self::answer(401, 'not-signed-in', 'Not signed in', 'Sign in to go on.'),
            $exception instanceof ModelNotFoundException => self::answer(404, 'not-found', 'Not found', 'There is no such thing here, or no longer.'),
            $exception instanceof PostTooLargeException => self::answer(413, 'file-too-large', 'The file is too large', 'The file is larger than '.intdiv(config()->integer('zinc.limits.request_bytes'), 1024 * 1024).' MB, the most that one request takes. Send it in parts (POST uploads).'),
            $exception instanceof HttpExceptionInterface => self::ofStatus($exception->getStatusCode()),
            default => self::answer(500, 'failed', 'Something went wrong', 'It was our fault and has been noted. Nothing was changed; try again.'),
        };
    }

    private static function ofStatus(int $status): JsonResponse
    {
        return match ($status) {
            404 => self::answer(404, 'not-found', 'Not found', 'There is no such thing here, or no longer.'),
            419 => self::answer(419, 'page-expired', 'The page was open too long', 'Load the page again; what was saved is there.'),
            429 => self::answer(429, 'too-many-tries', 'Too many tries', 'Wait a minute and try again.'),
            default => self::answer($status, 'not-possible', 'Not possible', 'This cannot be done.'),
        };
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
