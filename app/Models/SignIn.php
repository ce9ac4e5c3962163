<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A browser that somebody is signed in with; where it is taken away, that one is signed out.
 *
 * @property string $id
 * @property string $user_id
 * @property string $address
 * @property string $browser as it calls itself
 * @property Carbon $seen_at
 * @property Carbon $created_at
 */
final class SignIn extends Model
{
    use HasUlids;

    /** Where the session holds its identifier. */
    public const KEY = 'sign_in';

    /** What browsers keep the session by; under TLS with a prefix before it (config/session.php). */
    public const COOKIE = 'zinc-pane';

    /** Hours without a request after which one signs in anew (config/session.php). */
    public const IDLE_HOURS = 12;

    /** Days after which one signs in anew, however much the studio is used (ASVS 5, 7.3.2). */
    public const LONGEST_DAYS = 30;

    /** Days that it is kept: who signed in from an address before is not held up there by strangers' attempts. */
    private const KEPT_DAYS = 90;

    protected $guarded = [];

    /**
     * Those that have not ended by themselves.
     *
     * @return Builder<SignIn>
     */
    public static function inForce(): Builder
    {
        // Seen is noted once a minute.
        return self::query()->where('created_at', '>', now()->subDays(self::LONGEST_DAYS))->where('seen_at', '>', now()->subHours(self::IDLE_HOURS)->subMinute());
    }

    /** Forgets the oldest. */
    public static function sweep(): void
    {
        self::query()->where('created_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
    }

    protected function casts(): array
    {
        return ['seen_at' => 'datetime'];
    }
}
