<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use ZincPane\Core\Site\Page as CorePage;
use ZincPane\Core\Site\PageAddress;
use ZincPane\Core\Site\Pane as CorePane;

/**
 * A page of the site as it is saved.
 *
 * @property string $id
 * @property string $site_id
 * @property string $slug its address on the site, without the first slash
 * @property string $title
 * @property ?string $menu_label
 * @property ?string $parent_id
 * @property int $position
 * @property bool $comments
 * @property bool $is_offline
 * @property string $body hash of its content
 * @property ?string $batch with which files it was brought in
 * @property ?string $changed_by
 * @property-read Site $site
 * @property-read ?Body $content
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Pane> $panes
 */
final class Page extends Model
{
    use HasUlids;

    /** Slug of the page at the root of the site. */
    public const HOME = PageAddress::HOME;

    protected $guarded = [];

    protected $attributes = ['comments' => false, 'is_offline' => false, 'batch' => null];

    protected function casts(): array
    {
        return ['position' => 'integer', 'comments' => 'boolean', 'is_offline' => 'boolean'];
    }

    /** The position of the last page, 0 where there is none. */
    public static function lastPosition(): int
    {
        $last = self::query()->max('position');

        return is_numeric($last) ? (int) $last : 0;
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

    /**
     * @return BelongsTo<Body, $this>
     */
    public function content(): BelongsTo
    {
        return $this->belongsTo(Body::class, 'body');
    }

    /** Its address on the site. */
    public function address(): string
    {
        return $this->slug === PageAddress::HOME ? '/' : '/'.$this->slug;
    }

    /** Whether it is a file that came from outside, with a frame of its own. */
    public function isBroughtIn(): bool
    {
        return $this->content?->kind === Body::FILE;
    }

    /** Needs its content and its panes. */
    public function toCore(): CorePage
    {
        return new CorePage(
            $this->id, $this->slug, $this->title, $this->menu_label, $this->parent_id, $this->position, $this->comments, $this->body, $this->isBroughtIn(),
            array_values($this->panes->map(static fn (Pane $pane): CorePane => $pane->toCore())->all()),
        );
    }
}
