<?php

declare(strict_types=1);

namespace App\Http\Resources;

use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Snag;

/** A snag with its mends, each a part of the layout to take over. */
final class SnagResource
{
    /**
     * @return array{code: string, says: string, mends: list<array{label: string, layout: array<string, mixed>}>}
     */
    public static function of(Snag $snag): array
    {
        return [
            'code' => $snag->code,
            'says' => $snag->says,
            'mends' => array_map(static fn (Mend $mend): array => ['label' => $mend->label, 'layout' => $mend->part], $snag->mends),
        ];
    }
}
