<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Picture;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use ZincPane\Core\Colour\Oklab;

/** Finds pictures of the store: every filter narrows what the others leave. */
final readonly class PictureSearch
{
    /** How far in OKLab a colour of a picture may be from the one that is looked for. */
    private const NEAR = 0.09;

    /** Share of the picture that a colour must have to count. */
    private const LEAST_SHARE = 0.008;

    public function __construct(private Connection $database)
    {
    }

    /**
     * Ids alone: a row of a picture is large, and only those of one page are wanted.
     *
     * @return array{total: int, ids: list<string>} the newest first, or the best match where there is a colour
     */
    public function page(PictureFilter $filter, int $offset, int $limit): array
    {
        $query = $this->query($filter)->toBase();
        if ($filter->colour !== null) {
            // Every distance is computed anyway to find the nearest.
            $ids = self::idsOf($query);

            return ['total' => count($ids), 'ids' => array_slice($ids, $offset, $limit)];
        }

        return ['total' => $query->clone()->reorder()->count(), 'ids' => self::idsOf($query->offset($offset)->limit($limit))];
    }

    /**
     * @return list<string>
     */
    private static function idsOf(Query $query): array
    {
        return array_values(array_filter($query->pluck('pictures.id')->all(), is_string(...)));
    }

    /**
     * @return Builder<Picture>
     */
    private function query(PictureFilter $filter): Builder
    {
        $query = Picture::query()->select('pictures.id');
        $filter->inBin ? $query->whereNotNull('binned_at') : $query->whereNull('binned_at');
        if ($filter->words !== '') {
            $query->whereIn('pictures.id', $this->matching($filter->words));
        }
        if ($filter->shape !== null) {
            $query->where('shape', $filter->shape->value);
        }
        if ($filter->from !== null) {
            $query->whereRaw('coalesce(taken_at, pictures.created_at) >= ?', [$filter->from]);
        }
        if ($filter->until !== null) {
            $query->whereRaw('coalesce(taken_at, pictures.created_at) < date(?, \'+1 day\')', [$filter->until]);
        }
        if ($filter->unused) {
            $query->whereNotIn('pictures.id', $this->database->table('gallery_items')->whereNotNull('picture_id')->select('picture_id'))
                ->whereNotIn('pictures.id', $this->database->table('pictures')->whereNotNull('poster_id')->select('poster_id'));
        }
        if ($filter->undescribed) {
            $query->where('alt', '')->where('decorative', false);
        }
        if ($filter->colour !== null) {
            // A cross join is looked through in the order it is written: few colours first, then their pictures.
            $query->fromSub($this->near($filter->colour), 'near')->crossJoin('pictures')->whereColumn('pictures.id', 'near.picture_id')->orderBy('near.distance');
        }

        return $query->orderByDesc('pictures.created_at')->orderByDesc('pictures.id');
    }

    /** Every word must begin some word of the picture; quoted, so that none is taken for an operator. */
    private function matching(string $words): Query
    {
        $terms = array_map(
            static fn (string $word): string => '"'.str_replace('"', '""', $word).'"*',
            preg_split('/[^\p{L}\p{N}]+/u', $words, -1, PREG_SPLIT_NO_EMPTY) ?: [],
        );

        return $this->database->table('picture_words')->join('picture_rows', 'picture_rows.id', '=', 'picture_words.rowid')
            ->whereRaw('picture_words MATCH ?', [$terms === [] ? '""' : implode(' ', $terms)])
            ->select('picture_rows.picture_id');
    }

    /** The pictures that have the colour, with how far from it they are. */
    private function near(Oklab $colour): Query
    {
        // Written out: what PDO binds is text, which SQLite would compare with a computed number as text.
        $squares = sprintf('((l - %1$.6F) * (l - %1$.6F) + (a - %2$.6F) * (a - %2$.6F) + (b - %3$.6F) * (b - %3$.6F))', $colour->l, $colour->a, $colour->b);

        return $this->database->table('picture_colours')
            ->selectRaw("picture_id, min({$squares} - 0.004 * share) as distance")
            ->whereBetween('l', [$colour->l - self::NEAR, $colour->l + self::NEAR])
            ->whereBetween('a', [$colour->a - self::NEAR, $colour->a + self::NEAR])
            ->whereBetween('b', [$colour->b - self::NEAR, $colour->b + self::NEAR])
            ->where('share', '>', self::LEAST_SHARE)
            ->whereRaw(sprintf('%s < %.6F', $squares, self::NEAR ** 2))
            ->groupBy('picture_id');
    }
}
