<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\EditionCast;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use ZincPane\Core\Edition\FrozenGallery;

/**
 * A gallery frozen when it was put live.
 *
 * @property string $id
 * @property string $gallery_id
 * @property ?string $user_id
 * @property int $version
 * @property FrozenGallery $content
 * @property Carbon $created_at
 * @property-read ?User $user
 */
final class Edition extends Model
{
    use HasUlids;

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
        return ['content' => EditionCast::class, 'version' => 'integer'];
    }
}
