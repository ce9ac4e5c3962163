<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Page;
use App\Models\Pane;
use App\Models\Site;
use Illuminate\Database\Eloquent\Collection;

/** Marks that are others as soon as a gallery would be drawn otherwise in the list; a few questions for all of them together. */
final class CardMarks
{
    /** Seconds within which a second change could bear the same time as the first. */
    private const FRESH = 2;

    public function __construct(private CodeMark $code)
    {
    }

    /**
     * @param  Collection<array-key, Gallery>  $galleries
     * @return array<string, ?string> by gallery; null of one that was just changed, and may be again in the same second
     */
    public function of(Collection $galleries, Site $site): array
    {
        $pictures = GalleryItem::query()->toBase()->join('pictures', 'pictures.id', '=', 'gallery_items.picture_id')->leftJoin('pictures as posters', 'posters.id', '=', 'pictures.poster_id')
            ->groupBy('gallery_id')
            ->selectRaw('gallery_id, count(*) as n, max(pictures.updated_at) as latest, total(length(pictures.renditions)) as files, max(posters.updated_at) as poster, total(length(posters.renditions)) as stills')
            ->get()->keyBy('gallery_id');
        $panes = Pane::query()->toBase()->groupBy('gallery_id')->selectRaw('gallery_id, count(*) as n, max(updated_at) as latest, group_concat(id || spot || place || exceptions || ifnull(page_id, 0)) as places')->get()->keyBy('gallery_id');
        $around = [$this->code->now(), $site->build, $site->live, $site->margin, $site->content_width, $site->text_width, $site->pages->map(static fn (Page $page): array => [$page->title, $page->slug, $page->menu_label, $page->body, $page->parent_id, $page->position, $page->comments, $page->is_offline])->all()];
        $marks = [];
        $now = now()->subSeconds(self::FRESH)->format('Y-m-d H:i:s');
        foreach ($galleries as $gallery) {
            /** @var (\stdClass&object{latest: ?string, poster: ?string})|null $own */
            $own = $pictures->get($gallery->id);
            $isFresh = max($own->latest ?? '', $own->poster ?? '', (string) $gallery->updated_at?->format('Y-m-d H:i:s')) >= $now;
            $marks[$gallery->id] = $isFresh ? null : hash('sha256', json_encode([
                $around, $gallery->version, $gallery->edition_id, $gallery->title, $own, $panes->get($gallery->id),
            ], JSON_THROW_ON_ERROR));
        }

        return $marks;
    }
}
