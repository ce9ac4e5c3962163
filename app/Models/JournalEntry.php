<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One act on a gallery, with the act that takes it back.
 *
 * @property int $id
 * @property string $gallery_id
 * @property ?string $user_id
 * @property int $version
 * @property array<string, mixed> $change
 * @property array<string, mixed> $inverse
 * @property string $summary
 * @property EntryState $state
 * @property int $state_version
 * @property bool $is_live whether it was in force when the gallery was last put live
 * @property Carbon $created_at
 */
final class JournalEntry extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['change' => 'array', 'inverse' => 'array', 'state' => EntryState::class, 'version' => 'integer', 'is_live' => 'boolean'];
    }
}
