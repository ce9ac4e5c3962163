<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\Painter;
use App\Publishing\PendingChanges;
use Illuminate\Cache\Repository as Cache;
use ZincPane\Core\Edition\FrozenGallery;

/** The list of galleries: each drawn by its own layout in small. */
final readonly class GalleryCards
{
    /** Inner width in px at which the miniature is drawn, and how much of its height is shown. */
    private const WIDTH = 1120;

    private const HEIGHT = 700;

    /** px between albums. */
    private const BETWEEN = 40;

    public function __construct(private Painter $painter, private CardMarks $marks, private Cache $cache, private PendingChanges $pending)
    {
    }

    /**
     * What did not change is drawn once.
     *
     * @return list<array<string, mixed>> the newest change first
     */
    public function all(): array
    {
        $galleries = Gallery::query()->latest('updated_at')->latest('id')->get()->keyBy('id');
        if ($galleries->isEmpty()) {
            return [];
        }
        $site = Site::whole();
        $marks = $this->marks->of($galleries, $site);
        $known = $this->cache->many(array_map(self::key(...), array_keys($marks)));
        $cards = [];
        foreach ($galleries as $id => $gallery) {
            $card = $known[self::key($id)];
            if ($marks[$id] === null || ! is_array($card) || ($card['mark'] ?? null) !== $marks[$id] || ! is_array($card['card'] ?? null)) {
                $card = ['mark' => $marks[$id], 'card' => $this->card($gallery->loadCount('items')->load('panes.page', 'edition:id,gallery_id,version,created_at'), $site)];
                if ($marks[$id] !== null) {
                    $this->cache->forever(self::key($id), $card);
                }
            }
            /** @var array<string, mixed> $shown */
            $shown = $card['card'];
            $cards[] = $shown;
        }

        return $cards;
    }

    private static function key(string $galleryId): string
    {
        return "card:{$galleryId}";
    }

    /**
     * @return array<string, mixed>
     */
    private function card(Gallery $gallery, Site $site): array
    {
        $drawn = Drafts::of($gallery);
        $pending = $this->pending->of($gallery, $site);

        return [
            'id' => $gallery->id,
            'title' => $gallery->title,
            'pictures' => $gallery->items_count ?? 0,
            'pages' => array_values($gallery->panes->map(static fn (Pane $pane): string => $pane->page->title ?? 'every page')->unique()->all()),
            'state' => match (true) {
                $gallery->edition_id === null => 'draft',
                $pending['changes'] === [] => 'live',
                default => 'changed',
            },
            'changes' => count($pending['changes']),
            'miniature' => ['width' => self::WIDTH, 'height' => self::HEIGHT, 'tiles' => $this->miniature($drawn)],
        ];
    }

    /**
     * @return list<array<string, mixed>> places in px of the miniature
     */
    private function miniature(FrozenGallery $drawn): array
    {
        $tiles = [];
        $top = 0.0;
        foreach ($this->painter->sections($drawn) as $section) {
            $band = $section->arrangement->at(self::WIDTH);
            $tiles = [...$tiles, ...Miniature::tiles($band, $section->of($drawn->items), $drawn->design->layout->objectFitInForce(), self::WIDTH, self::HEIGHT, $top)];
            $top += $band->height->at(self::WIDTH) + self::BETWEEN;
        }

        return $tiles;
    }
}
