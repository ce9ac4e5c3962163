<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\MeantSnag;
use App\Models\OriginalName;
use App\Models\Site;
use Illuminate\Cache\Repository as Cache;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Support\Facades\DB;

/** The snags of all galleries; what did not change is looked over once. */
final readonly class SnagsOfSite
{
    public function __construct(private SnagList $snags, private CardMarks $marks, private Cache $cache, private Factory $disks)
    {
    }

    /**
     * @return list<array{id: string, title: string, version: int, snags: list<array<string, mixed>>}> galleries with snags that nobody means, by title
     */
    public function all(): array
    {
        $galleries = Gallery::query()->orderBy('title')->get()->keyBy('id');
        if ($galleries->isEmpty()) {
            return [];
        }
        $site = Site::whole();
        $marks = $this->marks->of($galleries, $site);
        $meant = MeantSnag::query()->toBase()->groupBy('gallery_id')->selectRaw('gallery_id, count(*) as n, max(id) as latest')->get()->keyBy('gallery_id');
        $missing = $this->missing();
        $all = [];
        foreach ($galleries as $id => $gallery) {
            $mark = $marks[$id] === null ? null : hash('xxh128', json_encode([$marks[$id], $site->stylesheet, $meant->get($id), $missing[$id] ?? []], JSON_THROW_ON_ERROR));
            $known = $this->cache->get("snags:{$id}");
            if ($mark === null || ! is_array($known) || $known['mark'] !== $mark) {
                $known = ['mark' => $mark, 'snags' => $this->snags->open($gallery, $site)];
                if ($mark !== null) {
                    $this->cache->forever("snags:{$id}", $known);
                }
            }
            /** @var list<array<string, mixed>> $snags */
            $snags = $known['snags'];
            if ($snags !== []) {
                $all[] = ['id' => $id, 'title' => $gallery->title, 'version' => $gallery->version, 'snags' => $snags];
            }
        }

        return $all;
    }

    /**
     * Pictures whose original is not where it was stored: no mark tells that.
     *
     * @return array<string, list<string>> hashes, by gallery
     */
    private function missing(): array
    {
        $originals = $this->disks->disk('originals');
        $missing = $isThere = [];
        /** @var \stdClass&object{gallery_id: string, hash: string} $row */
        foreach (DB::table('gallery_items')->join('pictures', 'pictures.id', '=', 'gallery_items.picture_id')->get(['gallery_id', 'hash']) as $row) {
            $hash = $row->hash;
            $isThere[$hash] ??= $originals->exists(OriginalName::pathOf($hash));
            if (! $isThere[$hash]) {
                $missing[$row->gallery_id][] = $hash;
            }
        }

        return $missing;
    }
}
