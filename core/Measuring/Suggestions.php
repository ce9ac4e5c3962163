<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

/**
 * Searches all kinds of layout, their columns, shapes, row heights and policies of the last row,
 * for those that come out best under given weights.
 */
final readonly class Suggestions
{
    private const COLUMNS = [2, 3, 4, 5, 6];

    private const SHAPES = ['1:1', '4:3', '3:2', '2:3', 'own'];

    private const ROW_HEIGHTS = [150, 190, 230, 280, 340, 420, 520];

    private const MOSAIC_HEIGHTS = [150, 190, 240, 320];

    public function __construct(private Candidates $candidates, private Weights $weights)
    {
    }

    /**
     * The best of each kind, the best first.
     *
     * @return list<array{candidate: Candidate, score: float}> score 0 to 1
     */
    public function best(int $count, int $most = 4): array
    {
        $best = [];
        foreach ($this->space($count) as $part) {
            $candidate = $this->candidates->of($part);
            $score = $this->weights->score($candidate->qualities());
            $kind = $candidate->layout->kind->value;
            if (! isset($best[$kind]) || $score > $best[$kind]['score'] + 1e-9) {
                $best[$kind] = ['candidate' => $candidate, 'score' => $score];
            }
        }
        usort($best, static fn (array $a, array $b): int => $b['score'] <=> $a['score']);

        return array_slice($best, 0, $most);
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function space(int $count): array
    {
        if ($count === 1) {
            return [['kind' => 'single']];
        }
        $space = [];
        foreach (array_filter(self::COLUMNS, static fn (int $columns): bool => $columns <= $count) as $columns) {
            $lasts = $count % $columns === 0 ? ['start'] : ['start', 'fill', 'balance'];
            foreach (self::SHAPES as $shape) {
                foreach ($lasts as $last) {
                    $space[] = ['kind' => 'grid', 'column_rule' => 'count', 'columns' => $columns, 'shape' => $shape, 'object_fit' => 'cover', 'last_row' => $last];
                }
            }
            $space[] = ['kind' => 'masonry', 'column_rule' => 'count', 'columns' => $columns];
        }
        foreach (self::ROW_HEIGHTS as $height) {
            foreach (['balance', 'fill'] as $last) {
                $space[] = ['kind' => 'rows', 'row_height' => $height, 'last_row' => $last];
            }
        }
        foreach (self::MOSAIC_HEIGHTS as $height) {
            $space[] = ['kind' => 'mosaic', 'row_height' => $height];
        }
        $space[] = ['kind' => 'single'];

        return $space;
    }
}
