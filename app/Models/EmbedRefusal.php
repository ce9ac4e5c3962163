<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A site that asked for a gallery which it may not embed, and how often.
 *
 * @property int $id
 * @property string $gallery_id
 * @property string $origin
 * @property int $times
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read Gallery $gallery
 */
final class EmbedRefusal extends Model
{
    /** Different sites that are noted of one gallery; of more only those that came first. */
    private const MOST = 100;

    protected $guarded = [];

    /**
     * @return BelongsTo<Gallery, $this>
     */
    public function gallery(): BelongsTo
    {
        return $this->belongsTo(Gallery::class);
    }

    public static function note(string $galleryId, string $origin): void
    {
        $known = self::query()->where('gallery_id', $galleryId);
        if ((clone $known)->where('origin', $origin)->increment('times') === 0 && $known->count() < self::MOST) {
            self::query()->insertOrIgnore(['gallery_id' => $galleryId, 'origin' => $origin, 'times' => 1, 'created_at' => now(), 'updated_at' => now()]);
        }
    }
}
