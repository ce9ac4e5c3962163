<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;

/**
 * A picture's place in a gallery, with words that go before the picture's own.
 *
 * @property string $id
 * @property string $gallery_id
 * @property string $picture_id
 * @property int $position
 * @property ?string $title
 * @property ?string $caption
 * @property ?string $alt
 * @property-read Picture $picture
 */
final class GalleryItem extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /**
     * @return BelongsTo<Picture, $this>
     */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    public function toCore(): Item
    {
        return new Item($this->id, $this->picture_id, ItemWords::of($this->title, $this->caption, $this->alt));
    }
}
