<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Site\PageFrame;
use ZincPane\Core\Site\Pane as CorePane;

/**
 * One place of a gallery, as it is saved.
 *
 * @property string $id
 * @property ?string $page_id null: in the frame of the site, on every page
 * @property string $gallery_id
 * @property int $spot
 * @property string $name
 * @property array<string, mixed> $place
 * @property array<string, mixed> $exceptions
 * @property ?array{phone: int, in_phone: int, wide: int, in_wide: int} $room
 * @property list<string> $except
 * @property-read ?Page $page
 * @property-read Gallery $gallery
 */
final class Pane extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['name' => '', 'place' => '{}', 'exceptions' => '{}', 'except' => '[]'];

    protected function casts(): array
    {
        return ['spot' => 'integer', 'place' => 'array', 'exceptions' => 'array', 'room' => 'array', 'except' => 'array'];
    }

    public function toCore(): CorePane
    {
        return CorePane::fromArray(['id' => $this->id, 'gallery' => $this->gallery_id, 'spot' => $this->spot, 'name' => $this->name, 'place' => $this->place, 'exceptions' => $this->exceptions, 'room' => $this->room, 'except' => $this->except]);
    }

    /** How wide its place is, by the width of the window. */
    public function contentWidth(Site $site): ContentWidth
    {
        $pane = $this->toCore();

        return $pane->frame($this->frameOf($site))->of($pane->design);
    }

    /** Null where the page does not tell how wide it is. */
    private function frameOf(Site $site): ?PageFrame
    {
        return $this->page?->isBroughtIn() === true ? null : $site->frame();
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
