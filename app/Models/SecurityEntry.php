<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One line of the security log. Lines are added, and never changed.
 *
 * @property int $id
 * @property ?string $user_id
 * @property string $who
 * @property string $address
 * @property SecurityKind $kind
 * @property string $says
 * @property Carbon $created_at
 */
final class SecurityEntry extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => SecurityKind::class];
    }
}
