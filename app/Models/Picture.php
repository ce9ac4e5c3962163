<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Colour\Swatch;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

/**
 * One stored image or video: the original, facts about it, its renditions.
 *
 * @property string $id
 * @property PictureKind $kind
 * @property string $hash
 * @property string $rendition_key
 * @property string $name
 * @property string $media_type
 * @property int $bytes
 * @property int $width px as it is seen, once tidied
 * @property int $height px as it is seen, once tidied
 * @property int $original_width px, upright
 * @property int $original_height px, upright
 * @property array<string, mixed> $recipe
 * @property float $focal_x on the upright original
 * @property float $focal_y on the upright original
 * @property string $focal_by found or person
 * @property bool $focal_sure
 * @property bool $tells_place its original tells where it was taken
 * @property string $title
 * @property string $caption
 * @property string $description
 * @property string $alt
 * @property string $link
 * @property string $credit
 * @property string $colour
 * @property string $keywords
 * @property bool $decorative
 * @property array<string, string> $offered
 * @property ?Carbon $taken_at
 * @property int $taken_milliseconds
 * @property ?int $taken_offset
 * @property string $camera
 * @property string $lens
 * @property string $exposure
 * @property string $place by name
 * @property string $track WebVTT of a video
 * @property string $rights
 * @property string $source
 * @property string $licence
 * @property string $shape
 * @property list<array{float, float, float, float}> $palette
 * @property ?string $look
 * @property ?string $poster_id
 * @property ?float $seconds
 * @property PictureState $state
 * @property ?string $failure
 * @property int $tries to make its renditions that failed, in a row
 * @property array<string, int> $renditions bytes by file name
 * @property bool $has_alpha something shows through it
 * @property bool $is_moving visitors see it move
 * @property ?Carbon $binned_at
 * @property ?Carbon $offline_at
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read ?Picture $poster
 * @property-read \Illuminate\Database\Eloquent\Collection<int, GalleryItem> $items
 */
final class Picture extends Model
{
    use HasUlids;
    use IsTidied;

    /** The name that the words of a published video have in its folder. */
    public const TRACK = 'words.vtt';

    protected $guarded = [];

    /** @var array<string, Rendition> */
    private array $made = [];

    private string|int|float|null $madeAsWritten = null;

    protected $attributes = [
        'kind' => 'picture', 'focal_x' => 0.5, 'focal_y' => 0.5, 'focal_by' => 'found', 'focal_sure' => true, 'title' => '', 'caption' => '', 'description' => '', 'alt' => '', 'link' => '', 'credit' => '', 'keywords' => '', 'decorative' => false, 'offered' => '{}', 'camera' => '', 'rights' => '', 'source' => 'upload', 'licence' => '', 'recipe' => '{}', 'palette' => '[]', 'renditions' => '{}', 'poster_id' => null, 'look' => null, 'lens' => '', 'exposure' => '', 'place' => '', 'track' => '', 'has_alpha' => false, 'is_moving' => false, 'offline_at' => null,
    ];

    protected function casts(): array
    {
        return [
            'kind' => PictureKind::class, 'state' => PictureState::class, 'renditions' => 'array', 'focal_x' => 'float', 'focal_y' => 'float', 'focal_sure' => 'boolean', 'tells_place' => 'boolean', 'decorative' => 'boolean', 'has_alpha' => 'boolean', 'is_moving' => 'boolean', 'offline_at' => 'datetime',
            'offered' => 'array', 'recipe' => 'array', 'palette' => 'array', 'taken_at' => 'datetime', 'taken_milliseconds' => 'integer', 'taken_offset' => 'integer', 'binned_at' => 'datetime', 'seconds' => 'float',
        ];
    }

    /**
     * @return HasMany<GalleryItem, $this>
     */
    public function items(): HasMany
    {
        return $this->hasMany(GalleryItem::class);
    }

    /**
     * @return HasMany<PictureColour, $this>
     */
    public function colours(): HasMany
    {
        return $this->hasMany(PictureColour::class);
    }

    /**
     * @return BelongsTo<Picture, $this>
     */
    public function poster(): BelongsTo
    {
        return $this->belongsTo(self::class, 'poster_id');
    }

    /**
     * Videos that it stands for.
     *
     * @return HasMany<Picture, $this>
     */
    public function posterOf(): HasMany
    {
        return $this->hasMany(self::class, 'poster_id');
    }

    /** What is drawn of it: itself, or the picture that stands for a video; a video without one has none. */
    public function face(): ?self
    {
        return $this->plain('kind') === PictureKind::Video->value ? $this->poster : $this;
    }

    /** As it is seen. */
    public function size(): Size
    {
        return Size::of((int) $this->plain('width'), (int) $this->plain('height'));
    }

    public function words(): Words
    {
        return new Words(
            (string) $this->plain('title'), (string) $this->plain('caption'), (string) $this->plain('alt'), (string) $this->plain('description'),
            (string) $this->plain('link'), (string) $this->plain('credit'), (bool) ($this->attributes['decorative'] ?? false),
        );
    }

    /**
     * What every screen shows of it.
     *
     * @return array<string, mixed>
     */
    public function described(): array
    {
        $size = $this->size();
        $focal = $this->focal();

        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'name' => $this->name,
            'width' => $size->width,
            'height' => $size->height,
            'state' => $this->state->value,
            'failure' => $this->failure,
            'thumbnail' => $this->thumbnail(540),
            'focal' => [round($focal->x, 4), round($focal->y, 4)],
            'focal_sure' => $this->focal_sure,
            'words' => $this->words()->toArray(),
        ];
    }

    /**
     * @return list<string> as "#8090a0", the one named first first
     */
    public function colourNames(): array
    {
        return array_map(static fn (Swatch $swatch): string => $swatch->colour->toHex(), $this->palette()->swatches);
    }

    public function palette(): Palette
    {
        return Palette::fromArray($this->palette);
    }

    public function look(): ?PerceptualHash
    {
        return $this->look === null ? null : PerceptualHash::parse($this->look);
    }

    /** Where the original lies on its disk. */
    public function originalPath(): string
    {
        return OriginalName::pathOf($this->hash);
    }

    /** The part of every address of its renditions: of the original and how it was tidied. */
    public static function keyFor(string $hash, Recipe $recipe): string
    {
        // What came later is left out where it is as it always was, so that files made before keep their names.
        $told = array_filter($recipe->toArray(), static fn (mixed $value, string $key): bool => $key !== 'free' || $value === true, ARRAY_FILTER_USE_BOTH);
        $tidied = $recipe->isPlain() ? '' : json_encode($told, JSON_THROW_ON_ERROR);

        return substr(hash('sha256', $hash.'|'.$tidied), 0, 24);
    }

    /** Where the renditions lie on their disk. */
    public function renditionFolder(): string
    {
        return self::folderOf((string) $this->plain('rendition_key'));
    }

    public static function folderOf(string $key): string
    {
        return substr($key, 0, 2).'/'.$key;
    }

    /** The address of the folder of renditions, from the root of the host. */
    public function address(): string
    {
        return self::addressOf((string) $this->plain('rendition_key'));
    }

    public static function addressOf(string $key): string
    {
        return "/media/{$key}";
    }

    /** The name that a published video has in its folder. */
    public function videoFile(): string
    {
        return self::videoFileOf($this->media_type);
    }

    public static function videoFileOf(string $mediaType): string
    {
        return $mediaType === 'video/webm' ? 'video.webm' : 'video.mp4';
    }

    /**
     * The renditions there are, by file name, from narrow to wide.
     *
     * @return array<string, Rendition>
     */
    public function madeRenditions(): array
    {
        // Asked for several times in a request; the column is read anew only when it changed.
        $written = $this->plain('renditions');
        if ($this->madeAsWritten !== $written) {
            $this->madeAsWritten = $written;
            $this->made = [];
            foreach ($this->renditions as $file => $bytes) {
                [$width, $ending] = explode('.', $file);
                $this->made[$file] = new Rendition(max(1, (int) $width), Format::from($ending), $bytes);
            }
            uasort($this->made, static fn (Rendition $a, Rendition $b): int => $a->width <=> $b->width);
        }

        return $this->made;
    }

    /** The address of the smallest rendition that is at least so wide, else of the widest; null before there is one. */
    public function thumbnail(int $width): ?string
    {
        $face = $this->face();
        $best = null;
        foreach ($face?->madeRenditions() ?? [] as $rendition) {
            if ($rendition->format === Format::WebP && ($best === null || $best->width < $width)) {
                $best = $rendition;
            }
        }

        return $face === null || $best === null ? null : $face->address().'/'.$best->fileName();
    }

    /**
     * An attribute as the database gave it. A proof asks two hundred pictures for a dozen of them
     * each; looking up the cast of every one takes longer than drawing the proof.
     */
    private function plain(string $name): string|int|float
    {
        $value = $this->attributes[$name] ?? '';

        return is_scalar($value) && ! is_bool($value) ? $value : '';
    }
}
