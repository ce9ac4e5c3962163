<?php

declare(strict_types=1);

use App\Access\Tokens;
use App\Contract\OpenApi;
use App\Contract\RequestSchema;
use App\Http\Middleware\InScope;
use App\Models\Gallery;
use App\Models\SecurityEntry;
use App\Models\Token;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;

covers(Tokens::class, InScope::class, OpenApi::class, RequestSchema::class);

/* The door for scripts: tokens, what they may do, and the description of it. */

beforeEach(function (): void {
    Queue::fake();
    $this->owner = $this->signIn();
    $this->token = fn (array $scopes, string $name = 'a script'): string => $this->actingAs($this->owner)->postJson('/studio/api/account/tokens', ['name' => $name, 'scopes' => $scopes])->assertCreated()->json('token');
    $this->by = function (string $token, string $method, string $path, array $body = []): TestResponse {
        $this->app['auth']->forgetGuards();

        return $this->withToken($token)->json($method, "/api/v1/{$path}", $body);
    };
});

it('takes in, words, puts live and takes along, by a token with those scopes', function (): void {
    $token = ($this->token)(['read', 'write', 'publish']);
    $id = ($this->by)($token, 'POST', 'galleries', ['title' => 'By a script'])->assertCreated()->json('id');
    $this->app['auth']->forgetGuards();
    $this->withToken($token)->post("/api/v1/galleries/{$id}/pictures", ['picture' => new UploadedFile($this->pictureFile(), 'kite.jpg', null, null, true)], ['Accept' => 'application/json'])->assertCreated();
    $gallery = ($this->by)($token, 'GET', "galleries/{$id}")->assertOk()->json();
    ($this->by)($token, 'PATCH', "galleries/{$id}", ['version' => $gallery['version'], 'change' => ['kind' => 'words', 'words' => [$gallery['items'][0]['id'] => ['alt' => 'A kite']]]])->assertOk();
    $version = ($this->by)($token, 'GET', "galleries/{$id}")->json('version');
    ($this->by)($token, 'PATCH', "galleries/{$id}", ['version' => 1, 'change' => ['kind' => 'words', 'words' => [$gallery['items'][0]['id'] => ['alt' => 'Another']]]])->assertStatus(409)->assertJsonPath('code', 'stale-version');
    do {
        $answer = ($this->by)($token, 'POST', "galleries/{$id}/live", ['version' => $version]);
    } while ($answer->getStatusCode() === 202);
    $answer->assertOk();
    expect(Gallery::query()->find($id)->edition_id)->not->toBeNull();
    $file = ($this->by)($token, 'GET', "galleries/{$id}/file")->assertOk();
    expect(substr($file->streamedContent(), 0, 2))->toBe('PK');
    expect(SecurityEntry::query()->pluck('says')->implode("\n"))->toContain('Made the token “a script”');
});

it('does what its scopes say and nothing else, for every route there is', function (): void {
    $gallery = $this->galleryOf(1);
    $tokens = array_map(fn (string $scope): string => ($this->token)([$scope], $scope), ['read' => 'read', 'write' => 'write', 'publish' => 'publish']);
    $tried = 0;
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (! str_starts_with($route->uri(), 'api/v1/') || str_ends_with($route->uri(), 'openapi.json')) {
            continue;
        }
        $scope = array_values(array_filter(array_map(static fn ($one): string => is_string($one) && str_starts_with($one, 'scope:') ? substr($one, 6) : '', $route->gatherMiddleware())))[0] ?? '';
        expect($scope)->toBeIn(['read', 'write', 'publish'], $route->uri());
        $method = array_values(array_diff($route->methods(), ['HEAD']))[0] ?? 'HEAD';
        $path = str_replace(['{gallery}', '{picture}', '{batch}', '{upload}'], [$gallery->id, $gallery->items()->first()->picture_id, str_repeat('0', 26), str_repeat('0', 26)], substr($route->uri(), 7));
        foreach ($tokens as $has => $token) {
            if ($has !== $scope) {
                ($this->by)($token, $method, $path)->assertForbidden()->assertJsonPath('code', 'not-in-scope');
                $tried++;
            }
        }
        ($this->by)('1|nothing', $method, $path)->assertUnauthorized();
    }
    expect($tried)->toBeGreaterThan(50)->and(Gallery::query()->count())->toBe(1);
});

it('is made with a name and scopes, kept as a hash, and opens nothing once it is revoked or its person is gone', function (): void {
    $token = ($this->token)(['read'], '  The   nightly run ');
    $account = $this->getJson('/studio/api/account')->assertOk()->json();
    expect($account['tokens'][0])->toMatchArray(['name' => 'The nightly run', 'scopes' => ['read'], 'used_at' => null])->and(json_encode($account))->not->toContain(explode('|', $token)[1])
        ->and(Token::query()->sole()->token)->toBe(hash('sha256', explode('|', $token)[1]));
    ($this->by)($token, 'GET', 'galleries')->assertOk();
    expect($this->actingAs($this->owner)->getJson('/studio/api/account')->json('tokens.0.used_at'))->not->toBeNull();
    // Somebody else's is not there to be revoked.
    $other = User::query()->create(['name' => 'Editor', 'email' => 'editor@saltreed.example', 'password' => 'long wind', 'role' => 'editor']);
    $this->actingAs($other)->deleteJson('/studio/api/account/tokens/'.Token::query()->sole()->id)->assertNotFound();
    $this->actingAs($this->owner)->deleteJson('/studio/api/account/tokens/'.Token::query()->sole()->id)->assertNoContent();
    ($this->by)($token, 'GET', 'galleries')->assertUnauthorized()->assertJsonPath('code', 'not-signed-in');
    $theirs = $this->actingAs($other)->postJson('/studio/api/account/tokens', ['name' => 'theirs', 'scopes' => ['read']])->json('token');
    ($this->by)($theirs, 'GET', 'galleries')->assertOk();
    $this->app['auth']->forgetGuards();
    $this->withoutToken()->actingAs($this->owner)->deleteJson("/studio/api/people/{$other->id}")->assertNoContent();
    ($this->by)($theirs, 'GET', 'galleries')->assertUnauthorized();
    foreach ([['', ['read']], [str_repeat('x', 61), ['read']], ['x', []], ['x', ['admin']], ['x', 'read'], [null, null]] as [$name, $scopes]) {
        $this->app['auth']->forgetGuards();
        $this->withoutToken()->actingAs($this->owner)->postJson('/studio/api/account/tokens', ['name' => $name, 'scopes' => $scopes])->assertStatus(422)->assertJsonPath('code', 'access-not-possible');
    }
    // A session of the studio is no token, and a token no session.
    $this->app['auth']->forgetGuards();
    $this->actingAs($this->owner, 'web')->getJson('/api/v1/galleries')->assertUnauthorized();
});

it('describes every route, its scope, what it takes and what it answers', function (): void {
    $document = $this->getJson('/api/v1/openapi.json')->assertOk()->json();
    $routes = array_filter(Route::getRoutes()->getRoutes(), static fn ($route): bool => str_starts_with($route->uri(), 'api/v1/') && ! str_ends_with($route->uri(), 'openapi.json'));
    foreach ($routes as $route) {
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            $operation = $document['paths']['/'.substr($route->uri(), 7)][strtolower($method)] ?? null;
            expect($operation)->not->toBeNull($method.' '.$route->uri())->and($operation['summary'] ?? '')->not->toBe('')->and($operation['x-scope'])->toBeIn(['read', 'write', 'publish'])->and(array_keys($operation['responses']))->toContain('4XX')
                ->and(count($operation['responses']))->toBeGreaterThan(2);
        }
    }
    $ids = [];
    foreach ($document['paths'] as $methods) {
        foreach ($methods as $operation) {
            $ids[] = $operation['operationId'];
        }
    }
    expect(array_unique($ids))->toHaveCount(count($ids));
    // Nothing is named that is not there.
    preg_match_all('~"#/components/schemas/(\w+)"~', json_encode($document, JSON_UNESCAPED_SLASHES), $named);
    expect(array_diff(array_unique($named[1]), array_keys($document['components']['schemas'])))->toBe([])->and(json_encode($document, JSON_UNESCAPED_SLASHES))->not->toContain('$defs');
    $body = $document['paths']['/galleries/{gallery}']['patch']['requestBody']['content']['application/json']['schema'];
    expect($body['required'])->toBe(['version', 'change'])->and($body['properties']['version'])->toBe(['type' => 'integer', 'minimum' => 1])
        ->and($document['paths']['/galleries/{gallery}/pictures']['post']['requestBody']['content'])->toHaveKey('multipart/form-data');
});
