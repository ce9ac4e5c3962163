<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use Illuminate\Config\Repository;
use Illuminate\Contracts\Session\Session;
use ZincPane\Core\Access\Totp;

/** The second step of a sign-in: codes of an authenticator, and recovery codes for when it is lost. */
final readonly class SecondStep
{
    /** Where a secret waits that was not tried yet. */
    private const WAITING = 'second_step_waiting';

    private const RECOVERY_CODES = 10;

    /** Bytes of chance in a recovery code. */
    private const RECOVERY_BYTES = 10;

    public function __construct(private Repository $config)
    {
    }

    /**
     * A new secret, in force once its first code was told.
     *
     * @return array{secret: string, uri: string} to be typed, and to be scanned
     */
    public function offer(Session $session, User $user): array
    {
        $secret = random_bytes(Totp::SECRET);
        $session->put(self::WAITING, base64_encode($secret));

        return ['secret' => implode(' ', str_split(Totp::base32($secret), 4)), 'uri' => Totp::uri($secret, $user->email, $this->config->string('app.name'))];
    }

    /**
     * @return ?list<string> recovery codes, told this once; null when the code is not the right one
     */
    public function confirm(Session $session, User $user, string $code): ?array
    {
        $waiting = $session->get(self::WAITING);
        $step = is_string($waiting) ? Totp::accepted((string) base64_decode($waiting, true), $code, now()->getTimestamp(), 0) : null;
        if ($step === null) {
            return null;
        }
        $session->forget(self::WAITING);
        $codes = array_map(static fn (): string => implode('-', str_split(strtolower(Totp::base32(random_bytes(self::RECOVERY_BYTES))), 4)), range(1, self::RECOVERY_CODES));
        $user->forceFill(['second_step' => $waiting, 'last_step' => $step, 'recovery_codes' => array_map($this->hashed(...), $codes)])->save();

        return $codes;
    }

    public function end(User $user): void
    {
        $user->forceFill(['second_step' => null, 'last_step' => 0, 'recovery_codes' => []])->save();
    }

    /** A code is good once, and so is a recovery code. */
    public function accepts(User $user, string $code): bool
    {
        $step = Totp::accepted((string) base64_decode((string) $user->second_step, true), $code, now()->getTimestamp(), $user->last_step);
        if ($step !== null) {
            // Of two that come at once with the same code, one is let in.
            return User::query()->whereKey($user->id)->where('last_step', '<', $step)->update(['last_step' => $step]) === 1;
        }
        $left = array_values(array_diff($user->recovery_codes, [$this->hashed($code)]));
        if (count($left) === count($user->recovery_codes)) {
            return false;
        }

        return User::query()->whereKey($user->id)->where('recovery_codes', json_encode($user->recovery_codes))->update(['recovery_codes' => json_encode($left)]) === 1;
    }

    private function hashed(string $code): string
    {
        return hash_hmac('sha256', (string) preg_replace('/[^a-z2-7]/', '', strtolower($code)), $this->config->string('app.key'));
    }
}
