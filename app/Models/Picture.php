<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;

/**
 * One stored image: the original, facts about it, its renditions.
 *
 * @property string $id
 * @property string $hash
 * @property string $rendition_key
 * @property string $name
 * @property string $media_type
 * @property int $bytes
 * @property int $width
 * @property int $height
 * @property float $focal_x
 * @property float $focal_y
 * @property string $title
 * @property string $caption
 * @property string $alt
 * @property PictureState $state
 * @property ?string $failure
 * @property array<string, int> $renditions bytes by file name
 */
final class Picture extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, Rendition> */
    private array $made = [];

    private string|int|float|null $madeAsWritten = null;

    protected $attributes = ['focal_x' => 0.5, 'focal_y' => 0.5, 'title' => '', 'caption' => '', 'alt' => '', 'renditions' => '{}'];

    protected function casts(): array
    {
        return ['state' => PictureState::class, 'renditions' => 'array', 'focal_x' => 'float', 'focal_y' => 'float'];
    }

    /**
     * @return HasMany<GalleryItem, $this>
     */
    public function items(): HasMany
    {
        return $this->hasMany(GalleryItem::class);
    }

    public function size(): Size
    {
        return Size::of((int) $this->plain('width'), (int) $this->plain('height'));
    }

    public function focal(): FocalPoint
    {
        return FocalPoint::of((float) $this->plain('focal_x'), (float) $this->plain('focal_y'));
    }

    public function words(): Words
    {
        return new Words($this->title, $this->caption, $this->alt);
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

    /** Where the original lies on its disk. */
    public function originalPath(): string
    {
        return substr($this->hash, 0, 2).'/'.$this->hash;
    }

    /** Where the renditions lie on their disk. */
    public function renditionFolder(): string
    {
        return substr($this->rendition_key, 0, 2).'/'.$this->rendition_key;
    }

    /** The address of the folder of renditions, from the root of the host. */
    public function address(): string
    {
        return '/media/'.$this->rendition_key;
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
            foreach (array_keys($this->renditions) as $file) {
                [$width, $ending] = explode('.', $file);
                $this->made[$file] = new Rendition(max(1, (int) $width), Format::from($ending));
            }
            uasort($this->made, static fn (Rendition $a, Rendition $b): int => $a->width <=> $b->width);
        }

        return $this->made;
    }

    /** The address of the smallest rendition that is at least so wide, else of the widest; null before there is one. */
    public function thumbnail(int $width): ?string
    {
        $best = null;
        foreach ($this->madeRenditions() as $rendition) {
            if ($rendition->format === Format::WebP && ($best === null || $best->width < $width)) {
                $best = $rendition;
            }
        }

        return $best === null ? null : $this->address().'/'.$best->fileName();
    }
}
