<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * A key of one person for scripts; of the key itself only a hash is here.
 *
 * @property int $id
 * @property string $tokenable_id whose it is
 * @property string $name
 * @property list<string> $abilities scopes
 * @property ?Carbon $last_used_at
 * @property ?Carbon $created_at
 */
final class Token extends PersonalAccessToken
{
    protected $table = 'personal_access_tokens';

    /**
     * @return Builder<Token>
     */
    public static function of(User $user): Builder
    {
        $own = self::query();
        $own->where('tokenable_id', $user->id);

        return $own;
    }
}
