<?php

declare(strict_types=1);

namespace App\Models;

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

    protected $guarded = [];

    protected function casts(): array
    {
        return ['seen_at' => 'datetime'];
    }
}
