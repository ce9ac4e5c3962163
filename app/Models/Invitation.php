<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use ZincPane\Core\Access\Role;

/**
 * A door for one person, good once and for some days. Of the link nothing but its hash is stored.
 *
 * @property string $id
 * @property string $user_id who invited
 * @property string $email
 * @property Role $role
 * @property string $token SHA-256 of what the link holds
 * @property Carbon $expires_at
 */
final class Invitation extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['role' => Role::class, 'expires_at' => 'datetime'];
    }

    /**
     * @return Builder<Invitation>
     */
    public static function open(): Builder
    {
        return self::query()->where('expires_at', '>', now());
    }

    public static function by(string $token): ?self
    {
        return self::open()->where('token', hash('sha256', $token))->first();
    }
}
