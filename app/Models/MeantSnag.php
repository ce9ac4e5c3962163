<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One thing that a rule found in a gallery and that somebody means to be so.
 *
 * @property int $id
 * @property string $gallery_id
 * @property string $code of the rule
 * @property string $mark of what was seen
 * @property string $says what it was, in a sentence
 * @property string $word why it is meant
 * @property ?string $user_id
 * @property Carbon $created_at
 * @property-read ?User $user
 */
final class MeantSnag extends Model
{
    /** Characters of the word. */
    public const LONGEST = 200;

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }

    /**
     * @return BelongsTo<User, $this>
     */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
