<?php

declare(strict_types=1);

namespace App\Elsewhere;

use App\Models\EmbedRefusal;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\Site;
use ZincPane\Core\Access\EmbedRule;
use ZincPane\Core\Access\GalleryLock;
use ZincPane\Core\Embeds\Embed;
use ZincPane\Core\Embeds\Embeds;
use ZincPane\Core\Embeds\EmbedSource;
use ZincPane\Core\Embeds\Finding;
use ZincPane\Core\Embeds\Piece;
use ZincPane\Core\Embeds\Strength;

/** What the studio shows of a gallery on pages elsewhere. */
final readonly class ElsewhereFacts
{
    /** Pictures by which it is judged what an editor leaves of a kind. */
    private const SAMPLE = 3;

    public function __construct(private EmbedSources $sources, private EmbedCheck $check)
    {
    }

    /**
     * @param  int  $width  px of the place on the other page; 0 where it is not known
     * @return array<string, mixed>
     */
    public function of(Gallery $gallery, int $width): array
    {
        $gallery->load('edition');
        $source = $this->sources->of($gallery, $width);
        $sample = $this->sample($source);

        return [
            'is_live' => $gallery->edition_id !== null,
            'page' => $source->page(),
            'kinds' => array_map(fn (Embed $embed): array => [
                'kind' => $embed->kind()->value, 'label' => $embed->kind()->label(), 'says' => $embed->kind()->says(), 'follows' => $embed->kind()->follows(),
                'pieces' => array_map(static fn (Piece $piece): array => ['place' => $piece->place, 'text' => $piece->text], $embed->pieces()),
                'policy' => self::policy($embed->directives()),
                'survives' => $this->survives(Embeds::one($embed->kind(), $sample), $sample),
            ], Embeds::of($source)),
            'strengths' => array_map(static fn (Strength $strength): array => ['key' => $strength->value, 'label' => $strength->label(), 'says' => $strength->says()], Strength::cases()),
            'hosts' => array_map(static fn (HostPage $host): array => ['key' => $host->value, 'label' => $host->label()], HostPage::cases()),
            'rule' => $gallery->embedOrigins()?->toArray(),
            'site_rule' => Site::query()->firstOrFail()->embedOrigins()->toArray(),
            'rules' => self::rules(),
            'refusals' => self::refusals($gallery->id),
            'lock' => [
                'is_locked' => $gallery->isLocked(), 'hours' => $gallery->lock_hours ?? GalleryLock::HOURS,
                'shortest' => GalleryLock::SHORTEST, 'longest' => GalleryLock::LONGEST, 'most_hours' => GalleryLock::MOST_HOURS,
            ],
        ];
    }

    /**
     * @return array<string, mixed> of the site as a whole
     */
    public function ofSite(): array
    {
        $site = Site::query()->firstOrFail();
        $pages = Page::query()->orderBy('position')->get(['id', 'title']);

        return [
            'rule' => $site->embedOrigins()->toArray(), 'rules' => self::rules(), 'refusals' => self::refusals(null),
            // Pages go, and what was said of them with them.
            'acquire_page' => $pages->contains('id', $site->acquire_page_id) ? $site->acquire_page_id : null,
            'pages' => $pages->map(static fn (Page $page): array => ['id' => $page->id, 'title' => $page->title])->all(),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array<string, mixed>>
     */
    public static function findings(array $findings): array
    {
        return array_map(static fn (Finding $finding): array => [
            'code' => $finding->code, 'says' => $finding->says, 'mend' => $finding->mend, 'is_fault' => $finding->isFault, 'gallery' => $finding->gallery, 'kind' => $finding->kind?->value,
        ], $findings);
    }

    /**
     * @return list<array{key: string, label: string}>
     */
    private static function rules(): array
    {
        return array_map(static fn (EmbedRule $rule): array => ['key' => $rule->value, 'label' => $rule->label()], EmbedRule::cases());
    }

    /**
     * @return list<array<string, mixed>> the last first
     */
    private static function refusals(?string $gallery): array
    {
        $refusals = EmbedRefusal::query()->with('gallery:id,title')->latest('updated_at')->limit(50);
        if ($gallery !== null) {
            $refusals->where('gallery_id', $gallery);
        }

        return array_values($refusals->get()->map(static fn (EmbedRefusal $refusal): array => [
            'origin' => $refusal->origin, 'times' => $refusal->times, 'at' => $refusal->updated_at->toIso8601String(), 'gallery_id' => $refusal->gallery_id, 'gallery' => $refusal->gallery->title,
        ])->all());
    }

    /**
     * @param  array<string, non-empty-list<string>>  $directives
     * @return list<string> as they are written into a policy
     */
    private static function policy(array $directives): array
    {
        return array_map(static fn (string $name, array $sources): string => "{$name} ".implode(' ', $sources), array_keys($directives), $directives);
    }

    /**
     * @return list<string> strengths of editors that leave it whole
     */
    private function survives(Embed $embed, EmbedSource $sample): array
    {
        $html = implode("\n", array_map(static fn (Piece $piece): string => $piece->text, $embed->pieces()));
        $whole = array_filter(Strength::cases(), fn (Strength $strength): bool => $this->check->survives($sample, $embed->kind(), StrictEditor::clean($html, $strength)->html));

        return array_values(array_map(static fn (Strength $strength): string => $strength->value, $whole));
    }

    /** The same gallery with its first pictures only: what an editor does to one it does to all. */
    private function sample(EmbedSource $source): EmbedSource
    {
        $left = self::SAMPLE;
        $few = $source->gallery->only(static function () use (&$left): bool {
            return $left-- > 0;
        });

        return $this->sources->again($source, $few);
    }
}
