<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Viewer\ClickAct;

/**
 * A picture's place in a gallery, with words that go before the picture's own.
 *
 * @property string $id
 * @property string $gallery_id
 * @property ?string $picture_id null for a text
 * @property int $position
 * @property ?string $title
 * @property ?string $caption
 * @property ?string $description
 * @property ?string $alt
 * @property ?string $link
 * @property ?string $credit
 * @property ?bool $decorative
 * @property ?string $text cleaned HTML of an item that is no picture
 * @property ?string $album
 * @property bool $is_hidden
 * @property bool $is_large
 * @property ?string $click what a click does, where it is not the gallery's rule
 * @property-read ?Picture $picture
 */
final class GalleryItem extends Model
{
    use HasUlids;

    /** Columns that a document is made of. */
    public const OF_CORE = ['id', 'picture_id', 'title', 'caption', 'description', 'alt', 'link', 'credit', 'decorative', 'text', 'album', 'is_hidden', 'is_large', 'click'];

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['decorative' => 'boolean', 'is_hidden' => 'boolean', 'is_large' => 'boolean'];
    }

    /**
     * @return BelongsTo<Picture, $this>
     */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /** Whether no visitor is to see it: it is hidden here, or its picture was taken offline everywhere. */
    public function isKeptBack(): bool
    {
        return $this->is_hidden || ($this->picture !== null && ($this->picture->offline_at !== null || $this->picture->face()?->offline_at !== null));
    }

    public function toCore(): Item
    {
        return self::coreOf($this->attributes);
    }

    /** What the gallery says of it instead of the picture's own words. */
    public function ownWords(): ItemWords
    {
        return self::wordsOf($this->attributes);
    }

    /**
     * @param  array<array-key, mixed>  $row  as the database gave it
     */
    public static function coreOf(array $row): Item
    {
        $text = static fn (string $column): ?string => is_string($row[$column] ?? null) ? $row[$column] : null;

        return new Item($text('id') ?? '', $text('picture_id'), self::wordsOf($row), $text('text'), $text('album'), (bool) ($row['is_hidden'] ?? false), (bool) ($row['is_large'] ?? false), ClickAct::tryFrom($text('click') ?? ''));
    }

    /**
     * @param  array<array-key, mixed>  $row
     */
    private static function wordsOf(array $row): ItemWords
    {
        $texts = [];
        foreach (WordField::cases() as $field) {
            if (is_string($row[$field->value] ?? null)) {
                $texts[$field->value] = $row[$field->value];
            }
        }
        $decorative = $row['decorative'] ?? null;

        return ItemWords::of($texts, $decorative === null ? null : (bool) $decorative);
    }

    /** The words in force: the gallery's where it has some, else the picture's own. */
    public function words(): Words
    {
        return $this->ownWords()->over($this->picture === null ? new Words : $this->picture->words());
    }
}
