<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One act on the pages of the site, with what it was made of what before.
 *
 * @property int $id
 * @property ?string $user_id
 * @property string $summary
 * @property array{pages: array<string, ?array<string, mixed>>, panes: array<string, ?array<string, mixed>>} $before rows by id, null for none
 * @property array{pages: array<string, ?array<string, mixed>>, panes: array<string, ?array<string, mixed>>} $after
 * @property EntryState $state
 * @property Carbon $created_at
 * @property-read ?User $user
 */
final class SiteEntry extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /**
     * @return BelongsTo<User, $this>
     */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['before' => 'array', 'after' => 'array', 'state' => EntryState::class];
    }
}
