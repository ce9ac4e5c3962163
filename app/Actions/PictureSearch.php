<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Picture;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use ZincPane\Core\Colour\Oklab;

/** Finds pictures of the store: every filter narrows what the others leave. */
final readonly class PictureSearch
{
    /** How far in OKLab a colour of a picture may be from the one that is looked for. */
    private const NEAR = 0.11;

    /** Share of the picture that a colour must have to count. */
    private const LEAST_SHARE = 0.008;

    public function __construct(private ConnectionInterface $database)
    {
    }

    /**
     * @return Builder<Picture> the newest first, or the best match where there is a colour
     */
    public function query(PictureFilter $filter): Builder
    {
        $query = Picture::query()->select('pictures.*');
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
            $query->whereNotExists(static fn (Query $uses) => $uses->from('gallery_items')->whereColumn('picture_id', 'pictures.id'))
                ->whereNotExists(static fn (Query $uses) => $uses->from('pictures as videos')->whereColumn('videos.poster_id', 'pictures.id'));
        }
        if ($filter->undescribed) {
            $query->where('alt', '')->where('decorative', false);
        }
        if ($filter->colour !== null) {
            $query->joinSub($this->near($filter->colour), 'near', 'near.picture_id', '=', 'pictures.id')->orderBy('near.distance');
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

    private function near(Oklab $colour): Query
    {
        $squares = '(l - ?) * (l - ?) + (a - ?) * (a - ?) + (b - ?) * (b - ?)';
        $values = [$colour->l, $colour->l, $colour->a, $colour->a, $colour->b, $colour->b];

        return $this->database->table('picture_colours')
            ->selectRaw("picture_id, min({$squares} - 0.004 * share) as distance", $values)
            ->whereBetween('l', [$colour->l - self::NEAR, $colour->l + self::NEAR])
            ->whereBetween('a', [$colour->a - self::NEAR, $colour->a + self::NEAR])
            ->whereBetween('b', [$colour->b - self::NEAR, $colour->b + self::NEAR])
            ->where('share', '>', self::LEAST_SHARE)
            ->whereRaw("{$squares} < ?", [...$values, self::NEAR ** 2])
            ->groupBy('picture_id');
    }
}
