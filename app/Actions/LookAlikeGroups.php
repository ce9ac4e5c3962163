<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Database\Connection;

/** Gathers pictures that look alike, directly or by way of others, into groups. */
final readonly class LookAlikeGroups
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * @return list<list<string>> identifiers of pictures, at least two in a group
     */
    public function find(): array
    {
        $pairs = $this->database->table('look_alikes')
            ->join('pictures as one', 'one.id', '=', 'look_alikes.picture_id')->whereNull('one.binned_at')
            ->join('pictures as other', 'other.id', '=', 'look_alikes.other_id')->whereNull('other.binned_at')
            ->whereColumn('picture_id', '<', 'other_id')->orderBy('picture_id')->get(['picture_id', 'other_id']);
        $group = $members = [];
        /** @var \stdClass&object{picture_id: string, other_id: string} $pair */
        foreach ($pairs as $pair) {
            [$one, $other] = [$pair->picture_id, $pair->other_id];
            $into = $group[$one] ?? $one;
            $from = $group[$other] ?? $other;
            $members[$into] ??= [$one];
            $moved = $members[$from] ?? [$other];
            if ($into === $from) {
                continue;
            }
            unset($members[$from]);
            $members[$into] = [...$members[$into], ...$moved];
            foreach ($members[$into] as $id) {
                $group[$id] = $into;
            }
        }

        return array_values($members);
    }
}
