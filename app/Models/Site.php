<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use ZincPane\Core\Access\EmbedOrigins;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Site\Page as CorePage;
use ZincPane\Core\Site\PageFrame;
use ZincPane\Core\Site\Pane as CorePane;
use ZincPane\Core\Site\SiteState;

/**
 * The site that galleries stand on: what is around its pages, and how wide their content is.
 *
 * @property string $id
 * @property string $name
 * @property string $shell
 * @property string $stylesheet
 * @property int $margin
 * @property int $content_width
 * @property int $text_width
 * @property ?array<string, mixed> $live what visitors have, as SiteState writes it
 * @property ?array<string, array<string, mixed>> $singles pictures that stand by themselves on live pages, as they went live, by id
 * @property ?array{rule: string, origins: list<string>} $embed whose pages may embed its galleries; null for anyone's
 * @property ?string $acquire_page_id page that tells how pictures may be used
 * @property ?string $build the folder of what is live
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Page> $pages
 */
final class Site extends Model
{
    use HasUlids;

    /** @var ?list<Pane> */
    private ?array $frame = null;

    protected $guarded = [];

    protected $attributes = ['embed' => null, 'acquire_page_id' => null, 'text_width' => 684];

    protected function casts(): array
    {
        return ['live' => 'array', 'singles' => 'array', 'embed' => 'array', 'margin' => 'integer', 'content_width' => 'integer', 'text_width' => 'integer'];
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

    /**
     * Galleries that stand on every page.
     *
     * @return list<Pane>
     */
    public function framePanes(): array
    {
        return $this->frame ??= array_values(Pane::query()->whereNull('page_id')->orderBy('spot')->orderBy('id')->get()->all());
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

    /** The site with its pages and panes; of the content of pages only what it is called. */
    public static function whole(): self
    {
        return self::query()->with(['pages.panes', 'pages.content' => static fn ($content) => $content->select(['hash', 'kind'])])->firstOrFail()->withPanes();
    }

    /** Its pages as they are saved. */
    public function asSaved(): SiteState
    {
        return SiteState::of(
            array_values($this->pages->map(static fn (Page $page): CorePage => $page->toCore())->all()),
            array_map(static fn (Pane $pane): CorePane => $pane->toCore(), $this->framePanes()),
        );
    }

    /** Its pages as visitors have them; none where nothing was put live yet. */
    public function asLive(): SiteState
    {
        return $this->live === null ? SiteState::none() : SiteState::fromArray($this->live);
    }

    /** What is said to its visitors by itself, in the language that its pages say they are in. */
    public function phrases(): Phrases
    {
        return Phrases::in(preg_match('/<html\b[^>]*\slang\s*=\s*["\']?([a-z-]+)/i', $this->shell, $found) === 1 ? $found[1] : Phrases::DEFAULT);
    }

    /** Whether lines of its pages run from right to left. */
    public function isRightToLeft(): bool
    {
        return preg_match('/<html\b[^>]*\sdir\s*=\s*["\']?rtl\b/i', $this->shell) === 1;
    }

    /** Whose pages may embed its galleries, where these say nothing else. */
    public function embedOrigins(): EmbedOrigins
    {
        return $this->embed === null ? EmbedOrigins::anyone() : EmbedOrigins::fromArray($this->embed);
    }

    /** How wide its pages are, by the width of the window. */
    public function frame(): PageFrame
    {
        return new PageFrame($this->margin, $this->content_width, $this->text_width);
    }
}
