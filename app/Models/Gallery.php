<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\DesignCast;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use ZincPane\Core\Access\EmbedOrigins;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;

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
 * @property ?array{rule: string, origins: list<string>} $embed whose pages may embed it; null for as the site has it
 * @property ?string $lock_hash of its password, where it is locked
 * @property ?int $lock_hours that it stays open for who knows it
 * @property ?array{edition: ?string, panes: list<array<string, mixed>>} $put_away where it stood before it was deleted
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read ?Edition $edition
 * @property-read \Illuminate\Database\Eloquent\Collection<int, GalleryItem> $items
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Pane> $panes
 */
final class Gallery extends Model
{
    use HasUlids;
    use SoftDeletes;

    /** All that drawing a gallery needs of its items. */
    public const ITEMS = 'items.picture.poster';

    /** Where the picture is told that it stands on, as columns of JSON are named. */
    public const GROUND = 'design->finish->ground->picture';

    /** What was written last, in the request that wrote it. */
    public ?Step $step = null;

    /** Pictures that a step back could not bring back: they were deleted for good. */
    public int $gone = 0;

    protected $guarded = [];

    protected $hidden = ['lock_hash'];

    protected $attributes = ['embed' => null, 'lock_hash' => null, 'lock_hours' => null, 'description' => '', 'shows_title' => false, 'shows_description' => false, 'albums' => '{"list":[],"view":"headings"}'];

    protected function casts(): array
    {
        return ['design' => DesignCast::class, 'version' => 'integer', 'albums' => 'array', 'embed' => 'array', 'lock_hours' => 'integer', 'put_away' => 'array', 'shows_title' => 'boolean', 'shows_description' => 'boolean'];
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

    /** The act that undo would take back; null when none is left. */
    public function lastDone(): ?JournalEntry
    {
        return $this->journal()->where('state', EntryState::Done)->reorder('id', 'desc')->first();
    }

    /** The act that redo would do again; null when none is left. */
    public function firstUndone(): ?JournalEntry
    {
        return $this->journal()->where('state', EntryState::Undone)->reorder('id')->first();
    }

    /** The picture it stands on, or would under another design; null where there is none. */
    public function groundPicture(?GalleryDesign $design = null): ?Picture
    {
        $id = ($design ?? $this->design)->finish->ground->picture;

        return $id === '' ? null : Picture::query()->find($id)?->face();
    }

    /**
     * @return list<string> identifiers of pictures that galleries stand on
     */
    public static function grounds(): array
    {
        $grounds = self::query()->toBase()->where(self::GROUND, '!=', '')->pluck(self::GROUND.' as ground');

        return array_values(array_filter($grounds->all(), is_string(...)));
    }

    public function isLocked(): bool
    {
        return $this->lock_hash !== null;
    }

    /** Null where it is as the site has it. */
    public function embedOrigins(): ?EmbedOrigins
    {
        return $this->embed === null ? null : EmbedOrigins::fromArray($this->embed);
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
            $this->coreItems(),
        );
    }

    /**
     * @return list<Item>
     */
    private function coreItems(): array
    {
        if ($this->relationLoaded('items')) {
            return array_values($this->items->map(static fn (GalleryItem $item): Item => $item->toCore())->all());
        }

        // As rows: as models, a thousand take longer to fetch than the change that is made of them.
        return array_values(GalleryItem::query()->toBase()->where('gallery_id', $this->id)->orderBy('position')->get(GalleryItem::OF_CORE)
            ->map(static fn (object $row): Item => GalleryItem::coreOf((array) $row))->all());
    }
}
