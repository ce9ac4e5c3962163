<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\HasApiTokens;
use ZincPane\Core\Access\Ability;
use ZincPane\Core\Access\Role;

/**
 * Someone who may work in the studio.
 *
 * @property string $id
 * @property string $name
 * @property string $email in small letters
 * @property string $password hash
 * @property Role $role
 * @property ?string $second_step secret of RFC 6238, bytes in Base64; null where there is none
 * @property int $last_step time step whose code was used last
 * @property list<string> $recovery_codes hashes of those not used yet
 * @property ?Carbon $sign_ins_max_seen_at where it was asked for
 * @property Carbon $created_at
 */
final class User extends Authenticatable
{
    use HasApiTokens;
    use HasUlids;

    protected $fillable = ['name', 'email', 'password', 'role'];

    protected $hidden = ['password', 'remember_token', 'second_step', 'recovery_codes'];

    protected $attributes = ['role' => 'owner', 'second_step' => null, 'last_step' => 0, 'recovery_codes' => '[]'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'second_step' => 'encrypted', 'recovery_codes' => 'array', 'last_step' => 'integer'];
    }

    /**
     * @return HasMany<SignIn, $this>
     */
    public function signIns(): HasMany
    {
        return $this->hasMany(SignIn::class);
    }

    /**
     * @param  string  $ability  value of Ability
     */
    public function mayDo(string $ability): bool
    {
        return $this->role->may(Ability::from($ability));
    }

    /**
     * @return list<string> values of Ability
     */
    public function abilities(): array
    {
        return array_values(array_map(static fn (Ability $ability): string => $ability->value, array_filter(Ability::cases(), $this->role->may(...))));
    }

    public function hasSecondStep(): bool
    {
        return $this->second_step !== null;
    }
}
