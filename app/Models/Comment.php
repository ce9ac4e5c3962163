<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a visitor wrote below a page.
 *
 * @property string $id
 * @property string $page_id
 * @property string $name
 * @property string $text
 * @property CommentState $state
 * @property string $visitor keyed hash of the address that it came from
 * @property Carbon $created_at
 * @property-read Page $page
 */
final class Comment extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $attributes = ['state' => 'waiting'];

    protected function casts(): array
    {
        return ['state' => CommentState::class];
    }

    /**
     * @return BelongsTo<Page, $this>
     */
    public function page(): BelongsTo
    {
        return $this->belongsTo(Page::class);
    }
}
