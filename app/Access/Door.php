<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\SecurityKind;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use LogicException;
use ZincPane\Core\Foreign;

/** Lets people in and out, and knows which browsers they are signed in with. */
final readonly class Door
{
    private const LONGEST_BROWSER = 190;

    /** Seconds between two times that a browser is noted as seen. */
    private const SEEN_AGAIN = 60;

    public function __construct(private Factory $auth, private Hasher $hasher, private Repository $cache, private SecondStep $second, private SecurityLog $log)
    {
    }

    /**
     * @param  string  $code  of the second step; empty where none was given
     *
     * @throws SignInException when it is nobody
     */
    public function enter(Request $request, string $email, string $password, string $code): void
    {
        $user = User::query()->where('email', mb_strtolower(trim($email)))->first();
        // As long for accounts that are not there: nobody shall learn which are.
        $fits = $this->hasher->check($password, $user === null ? $this->nobodysHash() : $user->password);
        if ($user === null || ! $fits) {
            $this->log->note(SecurityKind::SignInRefused, 'With the address '.Str::limit($email, 100).'.', $user);
            throw SignInException::refused();
        }
        if ($user->hasSecondStep() && trim($code) === '') {
            throw SignInException::codeNeeded();
        }
        if ($user->hasSecondStep() && ! $this->second->accepts($user, $code)) {
            $this->log->note(SecurityKind::SignInRefused, 'The password was right, the code of the second step was not.', $user);
            throw SignInException::wrongCode();
        }
        $this->welcome($request, $user);
    }

    /** Somebody whom all is known of. */
    public function welcome(Request $request, User $user): void
    {
        $this->guard()->login($user);
        $this->begin($request, $user);
        $this->log->note(SecurityKind::SignedIn, 'With '.BrowserName::of(self::browser($request)).'.', $user);
    }

    /** Whether the session is one whose person signed out from elsewhere, or is no more. */
    public function isEnded(Request $request): bool
    {
        $user = $request->user();
        $guard = $this->auth->guard();

        return $user instanceof User && $guard instanceof SessionGuard && $request->session()->has($guard->getName()) && ! $this->knows($request, $user);
    }

    private function knows(Request $request, User $user): bool
    {
        $id = $request->session()->get(SignIn::KEY);
        if (! is_string($id)) {
            // Signed in before sign-ins were noted.
            $this->begin($request, $user);

            return true;
        }
        $signIn = SignIn::inForce()->where('user_id', $user->id)->find($id);
        if ($signIn !== null && $signIn->seen_at->lt(now()->subSeconds(self::SEEN_AGAIN))) {
            $signIn->update(['seen_at' => now(), 'address' => (string) $request->ip()]);
        }

        return $signIn !== null;
    }

    public function leave(Request $request): void
    {
        $user = $request->user();
        if ($user instanceof User) {
            $this->log->note(SecurityKind::SignedOut, 'From '.BrowserName::of(self::browser($request)).'.');
            SignIn::query()->whereKey($request->session()->get(SignIn::KEY))->delete();
        }
        $this->shut($request);
    }

    /** Signs the person out everywhere but here. */
    public function leaveOthers(Request $request, User $user): void
    {
        $user->signIns()->whereKeyNot($request->session()->get(SignIn::KEY))->delete();
    }

    /** Ends the session and whatever was in it. */
    public function shut(Request $request): void
    {
        $this->guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    private function begin(Request $request, User $user): void
    {
        $signIn = SignIn::query()->create(['user_id' => $user->id, 'address' => (string) $request->ip(), 'browser' => self::browser($request), 'seen_at' => now()]);
        $request->session()->put(SignIn::KEY, $signIn->id);
    }

    private function guard(): StatefulGuard
    {
        $guard = $this->auth->guard();

        return $guard instanceof StatefulGuard ? $guard : throw new LogicException('The studio needs a guard with a session.');
    }

    private static function browser(Request $request): string
    {
        return Foreign::word((string) $request->userAgent(), self::LONGEST_BROWSER);
    }

    private function nobodysHash(): string
    {
        return (string) $this->cache->rememberForever('access.nobody', fn (): string => $this->hasher->make(Str::random(32)));
    }
}
