<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Finish;

use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\MeasuredItself;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;

/** Captions over pictures that cannot be read well; what would mend them was measured on the very pixels. */
final readonly class HardToRead implements MeasuredItself
{
    public function code(): string
    {
        return 'hard-to-read';
    }

    public function stage(): Stage
    {
        return Stage::Finish;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        foreach ($gallery->captions?->hard() ?? [] as $sight) {
            $item = $gallery->drawn[$sight->place] ?? null;
            if ($item !== null) {
                $found[] = Sighting::ofItem($item->id, Luminance::told($sight->ratio));
            }
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        $needed = Luminance::told($gallery->captions->needed ?? 0.0);
        $hardest = $gallery->nameOf((string) $seen[0]->item);

        return (count($seen) === 1 ? 'One caption is' : count($seen).' captions are')." hard to read: {$hardest} has {$seen[0]->seen} : 1 where {$needed} : 1 is needed.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        foreach ($gallery->captions->mends ?? [] as $mend) {
            yield Mend::design($mend->label, ['finish' => ['captions' => $mend->captions]]);
        }
    }
}
