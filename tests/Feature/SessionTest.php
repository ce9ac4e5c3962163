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
