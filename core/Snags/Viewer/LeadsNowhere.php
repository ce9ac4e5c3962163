<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Viewer;

use ZincPane\Core\Changes\Clicks;
use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;
use ZincPane\Core\Viewer\ClickAct;

/** Clicks that lead to a page of the site that is not there, or that should lead somewhere and have no address. */
final readonly class LeadsNowhere implements Rule
{
    private const NO_ADDRESS = 'no address';

    public function code(): string
    {
        return 'leads-nowhere';
    }

    public function stage(): Stage
    {
        return Stage::Viewer;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        foreach ($gallery->items as $item) {
            $link = $gallery->words($item)->link;
            $gone = array_filter([$link, ...self::linksIn($item)], static fn (string $one): bool => self::isGone($one, $gallery->around->paths));
            if ($gone !== [] || ($link === '' && $item->click === ClickAct::Address)) {
                $found[] = Sighting::ofItem($item->id, $gone === [] ? self::NO_ADDRESS : implode(', ', $gone));
            }
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        $first = $gallery->nameOf((string) $seen[0]->item);
        $why = $seen[0]->seen === self::NO_ADDRESS ? "{$first} should lead somewhere and has no address" : "{$first} leads to {$seen[0]->seen}, and the site has no such page";

        return count($seen) === 1 ? "{$why}." : count($seen)." lead nowhere: {$why}.";
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        $unaddressed = $gone = [];
        foreach ($seen as $sighting) {
            $sighting->seen === self::NO_ADDRESS ? $unaddressed[] = (string) $sighting->item : $gone[] = (string) $sighting->item;
        }
        if ($unaddressed === []) {
            yield Mend::by(count($seen) === 1 ? 'Take the address out' : 'Take these addresses out', Reword::of(array_fill_keys($gone, ['link' => ''])));
        } else {
            yield Mend::by(count($unaddressed) === 1 ? 'Let a click do what it does on the others' : 'Let clicks do what they do on the others', Clicks::parse(['kind' => 'click', 'items' => $unaddressed, 'click' => null]), count($unaddressed));
        }
    }

    /**
     * @return list<string> addresses that the words of a text lead to
     */
    private static function linksIn(Item $item): array
    {
        preg_match_all('/\shref="([^"]*)"/', (string) $item->text, $found);

        return array_map(static fn (string $link): string => htmlspecialchars_decode($link), $found[1]);
    }

    /**
     * @param  list<string>  $paths  that there are
     */
    private static function isGone(string $link, array $paths): bool
    {
        $path = (string) preg_replace('/[?#].*$/s', '', $link);

        return str_starts_with($path, '/') && ! str_starts_with($path, '//') && ! str_contains(basename($path), '.')
            && preg_match('~^/(?:media|pictures|assets|feed|iiif|embed|studio)/~', $path) !== 1
            && ! in_array($path === '/' ? '/' : rtrim($path, '/'), $paths, true);
    }
}
