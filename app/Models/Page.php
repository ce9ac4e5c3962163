<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A page of the site, its body kept as blocks between which panes may stand.
 *
 * @property string $id
 * @property string $site_id
 * @property string $slug
 * @property string $title
 * @property ?string $menu_label
 * @property int $position
 * @property list<string> $blocks
 * @property-read Site $site
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Pane> $panes
 */
final class Page extends Model
{
    use HasUlids;

    /** The slug of the page at the root of the site. */
    public const HOME = 'home';

    /** Greatest number of characters of its entry in the menu. */
    public const LONGEST_LABEL = 40;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['blocks' => 'array', 'position' => 'integer'];
    }

    /**
     * @return BelongsTo<Site, $this>
     */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /**
     * @return HasMany<Pane, $this>
     */
    public function panes(): HasMany
    {
        $panes = $this->hasMany(Pane::class);
        $panes->orderBy('spot')->orderBy('id');

        return $panes;
    }

    /** Its address on the site. */
    public function address(): string
    {
        return $this->slug === self::HOME ? '/' : '/'.$this->slug;
    }
}
