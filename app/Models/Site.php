<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Phrases\Phrases;

/**
 * The site that galleries stand on: what is around its pages, and how wide their content is.
 *
 * @property string $id
 * @property string $name
 * @property string $shell
 * @property string $stylesheet
 * @property int $margin
 * @property int $content_width
 * @property ?array<string, array{title: string, menu_label: ?string, panes: list<array{id: string, gallery: string, spot: int, tile_size?: ?string}>}> $live by page id
 * @property ?string $build the folder of what is live
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Page> $pages
 */
final class Site extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['live' => 'array', 'margin' => 'integer', 'content_width' => 'integer'];
    }

    /**
     * @return HasMany<Page, $this>
     */
    public function pages(): HasMany
    {
        $pages = $this->hasMany(Page::class);
        $pages->orderBy('position');

        return $pages;
    }

    /** With pages and panes that know whose they are, so that nothing is fetched again for each. */
    public function withPanes(): self
    {
        foreach ($this->pages as $page) {
            $page->setRelation('site', $this);
            foreach ($page->panes as $pane) {
                $pane->setRelation('page', $page);
            }
        }

        return $this;
    }

    /** The site with its pages and panes. */
    public static function whole(): self
    {
        return self::query()->with('pages.panes')->firstOrFail()->withPanes();
    }

    /** What is said to its visitors by itself, in the language that its pages say they are in. */
    public function phrases(): Phrases
    {
        return Phrases::in(preg_match('/<html\b[^>]*\slang\s*=\s*["\']?([a-z-]+)/i', $this->shell, $found) === 1 ? $found[1] : Phrases::DEFAULT);
    }

    /** How wide the content of its pages is, by the width of the window; what stands on them asks its pane. */
    public function column(): ContentWidth
    {
        return ContentWidth::page($this->margin, $this->content_width);
    }
}
