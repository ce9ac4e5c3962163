<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

beforeEach(function (): void {
    User::query()->create(['name' => 'Owner', 'email' => 'owner@saltreed.example', 'password' => 'long wind']);
    $this->try = fn (string $password) => $this->postJson('/studio/api/session', ['email' => 'owner@saltreed.example', 'password' => $password]);
});

it('lets in who knows the password, and out again', function (): void {
    $this->getJson('/studio/api/session')->assertOk()->assertJsonPath('user', null);
    ($this->try)('wrong')->assertStatus(422)->assertJsonPath('code', 'not-valid');
    ($this->try)('long wind')->assertOk()->assertJsonPath('user.name', 'Owner');
    $this->getJson('/studio/api/galleries')->assertOk();
    $this->deleteJson('/studio/api/session')->assertNoContent();
    $this->getJson('/studio/api/galleries')->assertUnauthorized();
});

it('begins another session for who signs in, and ends it for who signs out', function (): void {
    // Each visit as by a process of its own, which remembers nothing but what lies in the session's file.
    $visit = function (string $id, string $method, string $path, array $body = []) {
        auth()->forgetGuards();
        $this->app['session']->forgetDrivers();
        foreach (['session.store', 'auth.driver'] as $remembered) {
            $this->app->forgetInstance($remembered);
        }

        return $this->withCredentials()->withCookie(config('session.cookie'), $id)->json($method, $path, $body);
    };
    $id = fn ($answer): string => $answer->getCookie(config('session.cookie'))->getValue();
    config(['session.driver' => 'file', 'session.files' => $this->files]);
    $stranger = $id($visit('', 'GET', '/studio/api/session'));
    $owner = $id($visit($stranger, 'POST', '/studio/api/session', ['email' => 'owner@saltreed.example', 'password' => 'long wind'])->assertOk());
    // Who laid the first session upon the owner, or read it, has nothing of it.
    expect($owner)->not->toBe($stranger);
    $visit($stranger, 'GET', '/studio/api/galleries')->assertUnauthorized();
    $visit($owner, 'GET', '/studio/api/galleries')->assertOk();
    $out = $id($visit($owner, 'DELETE', '/studio/api/session')->assertNoContent());
    expect($out)->not->toBe($owner);
    foreach ([$owner, $out] as $ended) {
        $visit($ended, 'GET', '/studio/api/galleries')->assertUnauthorized();
    }
});

it('slows down guessing', function (): void {
    foreach (range(1, 5) as $_) {
        ($this->try)('wrong')->assertStatus(422);
    }
    ($this->try)('long wind')->assertStatus(429)->assertJsonPath('code', 'too-many-tries');
});

it('guards every act of the studio with a token against forgery', function (): void {
    foreach (app('router')->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'studio') && array_diff($route->methods(), ['GET', 'HEAD']) !== []) {
            expect($route->gatherMiddleware())->toContain('web');
        }
    }
    expect(app(Kernel::class)->getMiddlewareGroups()['web'])->toContain(ValidateCsrfToken::class);
});

it('shows the studio under a policy that runs no foreign script', function (): void {
    $this->withoutVite()->get('/studio/galleries')->assertOk()->assertHeader('X-Frame-Options', 'SAMEORIGIN')
        ->assertHeader('X-Content-Type-Options', 'nosniff');
});
