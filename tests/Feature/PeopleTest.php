<?php

declare(strict_types=1);

use App\Models\Invitation;
use App\Models\SecurityEntry;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Schema;
use ZincPane\Core\Access\Totp;

const GOOD = 'seven gulls over the shed';

beforeEach(function (): void {
    config(['session.driver' => 'file', 'session.files' => $this->files]);
    // A browser with a session of its own, as the application meets it: it remembers nothing but the cookie.
    $this->visit = function (?string &$cookie, string $method, string $path, array $body = []) {
        auth()->forgetGuards();
        $this->app['session']->forgetDrivers();
        foreach (['session.store', 'auth.driver'] as $remembered) {
            $this->app->forgetInstance($remembered);
        }
        $answer = $this->withCredentials()->withCookie(config('session.cookie'), (string) $cookie)->json($method, str_replace('/studio/api/../..', '', "/studio/api/{$path}"), $body);
        $cookie = $answer->getCookie(config('session.cookie'))?->getValue() ?? $cookie;

        return $answer;
    };
    $this->owner = User::query()->create(['name' => 'Rosa Tern', 'email' => 'rosa@saltreed.example', 'password' => GOOD]);
    $this->signedIn = function (string $email, string $password = GOOD, array $more = []): ?string {
        $cookie = null;
        ($this->visit)($cookie, 'POST', 'session', ['email' => $email, 'password' => $password, ...$more])->assertOk();

        return $cookie;
    };
});

it('walks all routes by all roles: what is not allowed is refused, and nothing is without a policy', function (): void {
    $open = ['GET studio/api/session', 'POST studio/api/session', 'POST studio/api/invitation', 'POST studio/api/invitation/look', 'GET studio/{screen?}'];
    $ownersOnly = ['studio/api/people', 'studio/api/people/{user}', 'studio/api/invitations', 'studio/api/invitations/{invitation}', 'studio/api/security'];
    $walked = 0;
    foreach (Route::getRoutes() as $route) {
        $method = $route->methods()[0];
        if (! str_starts_with($route->uri(), 'studio') || in_array("{$method} {$route->uri()}", $open, true)) {
            continue;
        }
        // Nothing of these names is there: whoever is let in finds nothing, and nothing is changed.
        $path = '/'.preg_replace('/\{\w+\??\}/', '01jzzzzzzzzzzzzzzzzzzzzzzz', $route->uri());
        $status = fn (): int => $this->json($method, $path)->getStatusCode();
        auth()->forgetGuards();
        expect($status())->toBe(401, "{$method} {$path} by nobody");
        foreach (['owner', 'editor'] as $role) {
            $user = User::query()->create(['name' => $role, 'email' => "{$role}{$walked}@saltreed.example", 'password' => GOOD, 'role' => $role]);
            $this->actingAs($user);
            $isRefused = in_array($route->uri(), $ownersOnly, true) && $role === 'editor';
            expect($status() === 403)->toBe($isRefused, "{$method} {$path} by {$role}");
        }
        expect(array_filter($route->gatherMiddleware(), static fn ($name): bool => str_starts_with((string) $name, 'may:')))->toHaveCount(1, $path);
        $walked++;
    }
    expect($walked)->toBeGreaterThan(60)->and(SecurityEntry::query()->where('kind', 'not-allowed')->count())->toBe(6);
});

it('lets an invited person in once, as what they were invited', function (): void {
    $owner = ($this->signedIn)('rosa@saltreed.example');
    $link = ($this->visit)($owner, 'POST', 'invitations', ['email' => 'Bo@Saltreed.example', 'role' => 'editor'])->assertCreated()->json('link');
    $token = substr(strrchr($link, '#'), 1);
    expect(Schema::getColumnListing('invitations'))->toContain('token')->and(Invitation::query()->first()->token)->not->toContain($token);
    $guest = null;
    ($this->visit)($guest, 'POST', 'invitation/look', ['token' => $token])->assertJsonPath('invitation.email', 'bo@saltreed.example');
    ($this->visit)($guest, 'POST', 'invitation', ['token' => $token, 'name' => 'Bo', 'password' => 'bo@saltreed12'])->assertStatus(422);
    ($this->visit)($guest, 'POST', 'invitation', ['token' => $token, 'name' => 'Bo', 'password' => GOOD])->assertNoContent();
    ($this->visit)($guest, 'GET', 'session')->assertJsonPath('user.role', 'editor')->assertJsonPath('user.may', ['own-account', 'galleries']);
    ($this->visit)($guest, 'GET', 'people')->assertForbidden()->assertJsonPath('code', 'not-allowed');
    $another = null;
    ($this->visit)($another, 'POST', 'invitation', ['token' => $token, 'name' => 'Bo', 'password' => GOOD])->assertStatus(422);
    ($this->visit)($owner, 'POST', 'invitations', ['email' => 'bo@saltreed.example', 'role' => 'owner'])->assertStatus(422);
    // Removed, they are out at once.
    ($this->visit)($owner, 'DELETE', 'people/'.User::query()->where('name', 'Bo')->value('id'))->assertNoContent();
    ($this->visit)($guest, 'GET', 'galleries')->assertUnauthorized();
});

it('opens no door after three days, nor one that was taken back', function (): void {
    $owner = ($this->signedIn)('rosa@saltreed.example');
    $token = fn (string $email): string => substr(strrchr(($this->visit)($owner, 'POST', 'invitations', ['email' => $email, 'role' => 'editor'])->json('link'), '#'), 1);
    [$old, $taken] = [$token('a@saltreed.example'), $token('b@saltreed.example')];
    ($this->visit)($owner, 'DELETE', 'invitations/'.Invitation::query()->where('email', 'b@saltreed.example')->value('id'))->assertNoContent();
    $guest = null;
    ($this->visit)($guest, 'POST', 'invitation', ['token' => $taken, 'name' => 'B', 'password' => GOOD])->assertStatus(422);
    $this->travel(73)->hours();
    ($this->visit)($guest, 'POST', 'invitation', ['token' => $old, 'name' => 'A', 'password' => GOOD])->assertStatus(422);
    expect(User::query()->count())->toBe(1);
});

it('keeps an owner', function (): void {
    $owner = ($this->signedIn)('rosa@saltreed.example');
    ($this->visit)($owner, 'DELETE', "people/{$this->owner->id}")->assertStatus(422);
    ($this->visit)($owner, 'PATCH', "people/{$this->owner->id}", ['role' => 'editor'])->assertStatus(422);
    ($this->visit)($owner, 'PATCH', "people/{$this->owner->id}", ['role' => 'king'])->assertStatus(422);
    expect($this->owner->refresh()->role->value)->toBe('owner');
});

it('changes a password for a better one, and signs all other browsers out', function (): void {
    $here = ($this->signedIn)('rosa@saltreed.example');
    $there = ($this->signedIn)('rosa@saltreed.example');
    ($this->visit)($here, 'POST', 'account/password', ['password' => 'wrong', 'new' => 'four kites and a fog horn'])->assertStatus(422);
    ($this->visit)($here, 'POST', 'account/password', ['password' => GOOD, 'new' => 'short'])->assertStatus(422);
    ($this->visit)($here, 'POST', 'account/password', ['password' => GOOD, 'new' => 'four kites and a fog horn'])->assertNoContent();
    ($this->visit)($here, 'GET', 'galleries')->assertOk();
    ($this->visit)($there, 'GET', 'galleries')->assertUnauthorized();
    expect(Hash::check('four kites and a fog horn', $this->owner->refresh()->password))->toBeTrue();
});

it('lists the browsers that are signed in, and signs each of them out', function (): void {
    $cookies = array_map(fn (): ?string => ($this->signedIn)('rosa@saltreed.example'), range(1, 3));
    $seen = ($this->visit)($cookies[0], 'GET', 'account')->assertOk()->json('sign_ins');
    expect($seen)->toHaveCount(3)->and(array_filter(array_column($seen, 'here')))->toHaveCount(1);
    $stranger = User::query()->create(['name' => 'Bo', 'email' => 'bo@saltreed.example', 'password' => GOOD]);
    $bo = ($this->signedIn)('bo@saltreed.example');
    ($this->visit)($bo, 'DELETE', "account/sign-ins/{$seen[0]['id']}")->assertNotFound();
    $picture = Tests\SeededPicture::told(1);
    $draft = fn (?string $cookie): int => ($this->visit)($cookie, 'GET', "../../media/{$picture->rendition_key}/160.webp")->getStatusCode();
    expect([$draft($cookies[0]), $draft($cookies[1])])->toBe([200, 200]);
    ($this->visit)($cookies[0], 'DELETE', 'account/sign-ins')->assertNoContent();
    expect([$draft($cookies[0]), $draft($cookies[1]), $draft(null)])->toBe([200, 404, 404]);
    ($this->visit)($cookies[1], 'GET', 'session')->assertOk()->assertJsonPath('user', null);
    ($this->visit)($cookies[1], 'GET', 'galleries')->assertUnauthorized();
    ($this->visit)($cookies[2], 'GET', 'galleries')->assertUnauthorized();
    ($this->visit)($cookies[0], 'GET', 'galleries')->assertOk();
    ($this->visit)($bo, 'GET', 'galleries')->assertOk();
    expect(SignIn::query()->where('user_id', $stranger->id)->count())->toBe(1);
});

it('ends a sign-in that is old, however much it is used, and lists none that ended by itself', function (): void {
    [$old, $idle, $here] = array_map(fn (): ?string => ($this->signedIn)('rosa@saltreed.example'), range(1, 3));
    $rows = SignIn::query()->orderBy('id')->get();
    $rows[0]->forceFill(['created_at' => now()->subDays(SignIn::LONGEST_DAYS)->addMinute()])->save();
    ($this->visit)($old, 'GET', 'galleries')->assertOk();
    $rows[0]->forceFill(['created_at' => now()->subDays(SignIn::LONGEST_DAYS)->subMinute()])->save();
    $rows[1]->forceFill(['seen_at' => now()->subHours(SignIn::IDLE_HOURS)->subMinutes(2)])->save();
    ($this->visit)($old, 'GET', 'galleries')->assertUnauthorized();
    ($this->visit)($idle, 'GET', 'galleries')->assertUnauthorized();
    expect(($this->visit)($here, 'GET', 'account')->assertOk()->json('sign_ins.*.id'))->toBe([$rows[2]->id]);
});

it('asks for a second step once one is set up, takes each code once, and recovery codes in place of it', function (): void {
    $here = ($this->signedIn)('rosa@saltreed.example');
    ($this->visit)($here, 'POST', 'account/second-step', ['password' => 'wrong'])->assertStatus(422);
    $uri = ($this->visit)($here, 'POST', 'account/second-step', ['password' => GOOD])->assertCreated()->json('uri');
    parse_str(parse_url($uri, PHP_URL_QUERY), $facts);
    // Read as an authenticator reads it, by code of the test's own.
    $bits = implode('', array_map(static fn (string $letter): string => sprintf('%05b', strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $letter)), str_split($facts['secret'])));
    $secret = implode('', array_map(static fn (string $eight): string => chr(bindec($eight)), str_split($bits, 8)));
    $code = static fn (): string => Totp::code($secret, intdiv(now()->getTimestamp(), Totp::STEP));
    ($this->visit)($here, 'PUT', 'account/second-step', ['code' => '000000'])->assertStatus(422);
    $recovery = ($this->visit)($here, 'PUT', 'account/second-step', ['code' => $code()])->assertOk()->json('recovery_codes');
    expect($recovery)->toHaveCount(10)->and($this->owner->refresh()->getRawOriginal('second_step'))->not->toContain(base64_encode($secret))
        ->and(json_encode($this->owner->recovery_codes))->not->toContain($recovery[0]);
    $new = null;
    $try = fn (string $with) => ($this->visit)($new, 'POST', 'session', ['email' => 'rosa@saltreed.example', 'password' => GOOD, 'code' => $with]);
    $try('')->assertStatus(401)->assertJsonPath('code', 'second-step-needed');
    $try($code())->assertStatus(422);
    $this->travel(31)->seconds();
    $try($code())->assertOk();
    $try($code())->assertStatus(422);
    $try(strtoupper($recovery[3]))->assertOk();
    $try($recovery[3])->assertStatus(422);
    $this->travel(61)->seconds();
    ($this->visit)($here, 'POST', 'account/second-step/end', ['password' => GOOD])->assertNoContent();
    ($this->signedIn)('rosa@saltreed.example');
});

it('slows guessing down for those who guess, and not for whose account it is', function (): void {
    $own = ['REMOTE_ADDR' => '10.1.1.1'];
    $known = null;
    $this->withServerVariables($own);
    ($this->visit)($known, 'POST', 'session', ['email' => 'rosa@saltreed.example', 'password' => GOOD])->assertOk();
    // From a hundred addresses, each of them slow enough to be let try.
    $statuses = [];
    foreach (range(1, 70) as $i) {
        $this->withServerVariables(['REMOTE_ADDR' => "10.2.2.{$i}"]);
        $stranger = null;
        $statuses[] = ($this->visit)($stranger, 'POST', 'session', ['email' => 'rosa@saltreed.example', 'password' => 'wrong'])->getStatusCode();
    }
    expect(array_count_values($statuses))->toBe([422 => 60, 429 => 10]);
    $this->withServerVariables($own);
    ($this->visit)($known, 'POST', 'session', ['email' => 'rosa@saltreed.example', 'password' => GOOD])->assertOk();
});

it('takes as long for an account that is not there', function (): void {
    config(['hashing.bcrypt.rounds' => 10]);
    Hash::driver('bcrypt')->setRounds(10);
    $this->owner->forceFill(['password' => Hash::make(GOOD)])->save();
    cache()->forget('access.nobody');
    $took = ['rosa' => [], 'nobody' => []];
    foreach (range(0, 8) as $i) {
        foreach ($took as $name => $_) {
            $this->withServerVariables(['REMOTE_ADDR' => "10.3.{$i}.".strlen($name)]);
            $cookie = null;
            $begun = hrtime(true);
            ($this->visit)($cookie, 'POST', 'session', ['email' => "{$name}@saltreed.example", 'password' => 'wrong'])->assertStatus(422);
            $i === 0 ?: $took[$name][] = hrtime(true) - $begun;
        }
    }
    array_walk($took, static fn (array &$times) => sort($times));
    // One hash takes some 50 ms; without one the answer would take a tenth of that.
    expect($took['rosa'][1] / $took['nobody'][1])->toBeGreaterThan(0.6)->toBeLessThan(1.7);
});

it('notes who came in, who was refused, what was put live and deleted, for the owner to read', function (): void {
    $this->signIn();
    $gallery = $this->galleryOf(1);
    $this->putLive($gallery);
    $this->deleteJson("/studio/api/galleries/{$gallery->id}")->assertNoContent();
    $this->upload($this->emptyGallery(), __FILE__, "kite\u{202E}gpj.php")->assertStatus(422);
    $this->postJson('/studio/api/session', ['email' => 'rosa@saltreed.example', 'password' => 'wrong'])->assertStatus(422);
    $log = $this->getJson('/studio/api/security')->assertOk();
    expect(array_column($log->json('entries'), 'kind'))->toBe(['Sign-in refused', 'File refused', 'Deleted', 'Put live'])
        ->and($log->json('entries.1.says'))->not->toContain("\u{202E}")->and($log->json('entries.3.who'))->toBe('Owner');
    $this->getJson('/studio/api/security?kind=deleted')->assertJsonCount(1, 'entries');
});

it('answers to the names it was given, behind the proxies it was told of', function (): void {
    config(['app.url' => 'https://kites.example', 'zinc.proxies' => '10.9.9.9', 'zinc.hosts' => 'www.kites.example']);
    $ask = fn (string $host, string $from) => $this->withServerVariables(['REMOTE_ADDR' => $from])->get("http://{$host}/studio/api/session", ['Accept' => 'application/json', 'X-Forwarded-Proto' => 'https', 'X-Forwarded-Host' => 'evil.example', 'X-Forwarded-For' => '10.4.4.4']);
    $ask('evil.example', '10.9.9.9')->assertStatus(421);
    $ask('www.kites.example', '10.9.9.9')->assertOk()->assertHeader('Strict-Transport-Security');
    expect($ask('kites.example', '10.8.8.8')->assertOk()->headers->has('Strict-Transport-Security'))->toBeFalse();
    $this->signIn();
    $gallery = $this->emptyGallery();
    $embed = $this->withServerVariables(['REMOTE_ADDR' => '10.8.8.8'])->getJson("http://www.kites.example/studio/api/galleries/{$gallery->id}/elsewhere")->assertOk()->json('kinds.0.pieces.0.text');
    expect($embed)->toContain('src="https://kites.example/embed.js');
});
