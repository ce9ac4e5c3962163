<?php

declare(strict_types=1);

use App\Access\SignInException;
use App\Actions\CreateGallery;
use App\Actions\NothingToUndoException;
use App\Actions\StaleVersionException;
use App\Imaging\ImagingException;
use App\Intake\IntakeException;
use App\Intake\PartException;
use App\Publishing\BusyException;
use App\Publishing\LiveLock;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Support\Facades\Exceptions;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpException;

it('tells every trouble as a problem with a code that stays', function (Throwable $trouble, int $status, string $code, string $says): void {
    $this->signIn();
    Exceptions::fake();
    $this->app->bind(CreateGallery::class, fn () => throw $trouble);
    $answer = $this->postJson('/studio/api/galleries', ['title' => 'Kites'])->assertStatus($status)->assertHeader('Content-Type', 'application/problem+json');
    expect($answer->json('code'))->toBe($code)->and($answer->json('type'))->toBe("urn:zinc-pane:problem:{$code}")->and($answer->json('status'))->toBe($status)
        ->and($answer->json('detail'))->toContain($says)->toEndWith('.')->and($answer->json('title'))->not->toBe('');
})->with([
    'another was first' => [fn () => StaleVersionException::between(3, 5, ['moved a picture', 'moved a picture']), 409, 'stale-version', 'version 3, but the gallery is at version 5: in the meantime someone moved a picture. '],
    'nothing to undo' => [fn () => NothingToUndoException::undo(), 409, 'nothing-left', 'nothing left to undo'],
    'nothing to do again' => [fn () => NothingToUndoException::redo(), 409, 'nothing-left', 'nothing to do again'],
    'another goes live' => [fn () => BusyException::after(120), 409, 'busy', '120 seconds'],
    'a file that is none' => [fn () => IntakeException::empty('kite.jpg'), 422, 'empty-file', 'kite.jpg'],
    'a part out of place' => [fn () => PartException::wrongPlace(7, 5), 409, 'part-not-taken', '5'],
    'a part with a bad header' => [fn () => PartException::badHeader('x'), 400, 'part-not-taken', 'x'],
    'imaging' => [fn () => ImagingException::tookTooLong('thumbnail', 60), 422, 'picture-not-readable', '60'],
    'nobody' => [fn () => new AuthenticationException('secret'), 401, 'not-signed-in', 'Sign in'],
    'no such thing' => [fn () => new ModelNotFoundException('secret'), 404, 'not-found', 'There is no such thing'],
    'a body too large' => [fn () => new PostTooLargeException('secret'), 413, 'file-too-large', ' MB, the most that one request takes'],
    'not valid' => [fn () => ValidationException::withMessages(['title' => ['Give it a title.']]), 422, 'not-valid', 'Give it a title.'],
    'a page left open' => [fn () => new HttpException(419, 'secret'), 419, 'page-expired', 'Load the page again'],
    'too many tries' => [fn () => new HttpException(429, 'secret'), 429, 'too-many-tries', 'Wait a minute'],
    'another method' => [fn () => new HttpException(405, 'secret'), 405, 'no-such-act', 'other methods'],
    'another status' => [fn () => new HttpException(418, 'secret'), 418, 'not-possible', 'This cannot be done'],
    'not one of those who may' => [fn () => new AuthorizationException('secret'), 403, 'not-allowed', 'Ask an owner'],
    'a code is lacking' => [fn () => SignInException::codeNeeded(), 401, 'second-step-needed', 'your authenticator'],
    'a full disk' => [fn () => new ErrorException('fwrite(): Write of 8192 bytes failed with errno=28 No space left on device'), 507, 'disk-full', 'Nothing is wrong with your file'],
    'a full disk, for the database' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 13 database or disk is full'), 507, 'disk-full', 'Make room'],
    'a full disk, for a tool' => [fn () => ImagingException::refused('vips', 'unable to write: No space left on device'), 507, 'disk-full', 'Make room'],
    'a folder that is read-only' => [fn () => new ErrorException('mkdir(): Read-only file system'), 503, 'not-writable', 'may not write into its own folder'],
    'a tool that is missing' => [fn () => ImagingException::refused('vips', 'prlimit: failed to execute vips: No such file or directory'), 503, 'tool-missing', 'not installed'],
    'a database that is held' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 5 database is locked'), 503, 'database-busy', 'try again in a moment'],
    'a database that is no more' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 11 database disk image is malformed'), 503, 'database-damaged', 'the last backup'],
    'a fault of ours' => [fn () => new RuntimeException('secret path /var/lib'), 500, 'failed', 'It was our fault'],
]);

it('tells nothing of what is inside, and notes it', function (): void {
    $this->signIn();
    Exceptions::fake();
    config(['app.debug' => true]);
    $this->app->bind(CreateGallery::class, fn () => throw new RuntimeException('secret path /var/lib'));
    expect($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->getContent())->not->toContain('secret')->not->toContain('vendor');
    Exceptions::assertReported(fn (RuntimeException $exception): bool => str_contains($exception->getMessage(), 'secret'));
});

it('lets one at a time write what is live, and the next when that one is done or failed', function (): void {
    $locks = [app(LiveLock::class), app(LiveLock::class)];
    $done = [];
    $also = function () use ($locks, &$done): void {
        $locks[1]->ifFree(function () use (&$done): void {
            $done[] = 'the other';
        });
    };
    expect($locks[0]->during(function () use ($also, &$done): string {
        $also();
        $done[] = 'the first';

        return 'told';
    }))->toBe('told');
    $also();
    expect(fn () => $locks[0]->during(fn () => throw new LogicException('broke')))->toThrow(LogicException::class);
    expect(fn () => $locks[0]->ifFree(fn () => throw new LogicException('broke')))->toThrow(LogicException::class);
    $also();
    expect($done)->toBe(['the first', 'the other', 'the other']);
});
