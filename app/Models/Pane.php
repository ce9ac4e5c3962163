<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\TileSize;

/**
 * One placement of a gallery on a page.
 *
 * @property string $id
 * @property string $page_id
 * @property string $gallery_id
 * @property int $spot
 * @property ?string $tile_size a name or px; null is as the gallery has it
 * @property-read Page $page
 * @property-read Gallery $gallery
 */
final class Pane extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['spot' => 'integer'];
    }

    /** How wide its place is, by the width of the window. */
    public function contentWidth(): ContentWidth
    {
        return $this->page->site->column();
    }

    public function tileSize(): ?TileSize
    {
        return $this->tile_size === null ? null : TileSize::of($this->tile_size);
    }

    /**
     * @return BelongsTo<Page, $this>
     */
    public function page(): BelongsTo
    {
        return $this->belongsTo(Page::class);
    }

    /**
     * @return BelongsTo<Gallery, $this>
     */
    public function gallery(): BelongsTo
    {
        return $this->belongsTo(Gallery::class);
    }
}
