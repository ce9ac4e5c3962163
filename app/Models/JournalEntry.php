<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ChangeCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Design\GalleryDesign;

/**
 * One act on a gallery, with the act that takes it back.
 *
 * @property int $id
 * @property string $gallery_id
 * @property ?string $user_id
 * @property int $version
 * @property Change $change
 * @property Change $inverse
 * @property int $schema of designs, that both were written under
 * @property string $summary
 * @property EntryState $state
 * @property int $state_version
 * @property bool $is_live whether it was in force when the gallery was last put live
 * @property Carbon $created_at
 * @property-read ?User $user
 */
final class JournalEntry extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $attributes = ['schema' => GalleryDesign::SCHEMA];

    /**
     * @return BelongsTo<User, $this>
     */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['change' => ChangeCast::class, 'inverse' => ChangeCast::class, 'schema' => 'integer', 'state' => EntryState::class, 'version' => 'integer', 'is_live' => 'boolean'];
    }
}
