<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Viewer;

use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;
use ZincPane\Core\Viewer\Download;

/** Pictures whose file says that nobody may use them, and that visitors may take with them. */
final readonly class GivesReserved implements Rule
{
    /** How files say it, in the languages of our users. */
    private const RESERVED = '/all rights reserved|alle rechte vorbehalten|tous droits réservés|(?:todos los|reservados todos los) derechos|tutti i diritti (?:sono )?riservati|alle rechten voorbehouden|(?:not for|no) (?:re-?use|re-?distribution|download|copying)|editorial use only/iu';

    public function code(): string
    {
        return 'gives-reserved';
    }

    public function stage(): Stage
    {
        return Stage::Viewer;
    }

    public function found(Inspected $gallery): array
    {
        if ($gallery->gallery->design->viewer->giving->download === Download::None) {
            return [];
        }
        $found = [];
        foreach ($gallery->pictures() as $item) {
            $picture = $gallery->atHand($item);
            $isReserved = preg_match(self::RESERVED, "{$picture->rights} {$picture->licence}") === 1;
            $isReserved ? $found[] = Sighting::ofItem($item->id, trim("{$picture->rights} {$picture->licence}")) : null;
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        return count($seen) === 1
            ? 'Visitors may download '.$gallery->nameOf((string) $seen[0]->item).", whose file says “{$seen[0]->seen}”."
            : 'Visitors may download '.count($seen)." pictures whose files say that they must not be used: “{$seen[0]->seen}”.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        yield Mend::design('Give nothing to download', ['viewer' => ['giving' => ['download' => Download::None->value]]]);
    }
}
