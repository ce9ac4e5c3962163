<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\DesignCast;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\GalleryDocument;

/**
 * An ordered set of pictures with words and one design, as saved; visitors see its edition.
 *
 * @property string $id
 * @property string $title
 * @property string $description
 * @property bool $shows_title
 * @property bool $shows_description
 * @property array{list: list<array{id: string, name: string}>, view: string} $albums
 * @property GalleryDesign $design
 * @property int $version
 * @property ?string $edition_id
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read ?Edition $edition
 * @property-read \Illuminate\Database\Eloquent\Collection<int, GalleryItem> $items
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Pane> $panes
 */
final class Gallery extends Model
{
    use HasUlids;

    /** All that drawing a gallery needs of its items. */
    public const ITEMS = 'items.picture.poster';

    protected $guarded = [];

    protected $attributes = ['description' => '', 'shows_title' => false, 'shows_description' => false, 'albums' => '{"list":[],"view":"headings"}'];

    protected function casts(): array
    {
        return ['design' => DesignCast::class, 'version' => 'integer', 'albums' => 'array', 'shows_title' => 'boolean', 'shows_description' => 'boolean'];
    }

    /**
     * @return HasMany<GalleryItem, $this>
     */
    public function items(): HasMany
    {
        $items = $this->hasMany(GalleryItem::class);
        $items->orderBy('position');

        return $items;
    }

    /**
     * @return HasMany<JournalEntry, $this>
     */
    public function journal(): HasMany
    {
        $journal = $this->hasMany(JournalEntry::class);
        $journal->orderBy('id');

        return $journal;
    }

    /**
     * @return HasMany<Pane, $this>
     */
    public function panes(): HasMany
    {
        return $this->hasMany(Pane::class);
    }

    /**
     * @return BelongsTo<Edition, $this>
     */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(Edition::class);
    }

    public function about(): About
    {
        return About::of($this->title, $this->description, $this->shows_title, $this->shows_description);
    }

    public function albumsInUse(): Albums
    {
        return Albums::parse($this->albums['list'], $this->albums['view']);
    }

    public function document(): GalleryDocument
    {
        return new GalleryDocument(
            $this->about(),
            $this->design,
            $this->albumsInUse(),
            array_values($this->items->map(static fn (GalleryItem $item) => $item->toCore())->all()),
        );
    }
}
