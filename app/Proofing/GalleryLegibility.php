<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Actions\PixelGrids;
use App\Models\Site;
use App\Publishing\Painter;
use Illuminate\Cache\Repository as Cache;
use ZincPane\Core\Colour\Luminance;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Finish\PageStyle;
use ZincPane\Core\Legibility\CaptionMend;
use ZincPane\Core\Legibility\CaptionSight;
use ZincPane\Core\Legibility\Legibility;
use ZincPane\Core\Legibility\Verdict;

/** Whether the captions of a gallery can be read, as the studio tells it. */
final readonly class GalleryLegibility
{
    /** px of width that a picture in the list needs. */
    private const SMALL = 240;

    /** Seconds that a verdict is kept. */
    private const KEPT = 600;

    /** Captions that are listed; the others read better. */
    private const LISTED = 60;

    public function __construct(private Painter $painter, private PixelGrids $grids, private Cache $cache)
    {
    }

    /**
     * @param  ContentWidth  $content  of the place where the gallery stands
     * @return array<string, mixed>
     */
    public function of(FrozenGallery $drawn, ContentWidth $content, Site $site): array
    {
        $verdict = $drawn->design->finish->captions->areOver() ? $this->verdict($drawn, $content, $site) : Verdict::nothingToRead();
        $hard = $verdict->hard();

        return [
            'needed' => $verdict->needed,
            'judged' => count($verdict->sights),
            'hard' => count($hard),
            'says' => $hard === [] ? '' : self::says(array_map(static fn (CaptionSight $sight): string => $drawn->items[$sight->place]->words()->title, $hard), $hard[0]->ratio, $verdict->needed),
            'mends' => array_map(static fn (CaptionMend $mend): array => ['label' => $mend->label, 'part' => ['finish' => ['captions' => $mend->captions]]], $verdict->mends),
            'captions' => array_map(fn (CaptionSight $sight): array => $this->shown($drawn, $sight, $verdict->needed), array_slice($verdict->sights, 0, self::LISTED)),
        ];
    }

    /**
     * Of what did not change, what was found before: proof and snags ask one after the other.
     *
     * @param  ContentWidth  $content  of the place where the gallery stands
     */
    public function verdict(FrozenGallery $drawn, ContentWidth $content, Site $site): Verdict
    {
        $key = 'verdict:'.hash('xxh128', serialize([$drawn->toArray(), $content, $site->stylesheet]));
        $known = $this->cache->get($key);
        if ($known instanceof Verdict) {
            return $known;
        }
        $verdict = $this->found($drawn, $content, $site);
        $this->cache->put($key, $verdict, self::KEPT);

        return $verdict;
    }

    private function found(FrozenGallery $drawn, ContentWidth $content, Site $site): Verdict
    {
        $pictures = array_filter($drawn->items, static fn ($item): bool => $item instanceof ShownPicture);
        $finish = $drawn->design->finish;

        return (new Legibility(
            $drawn, $this->painter->sections($drawn), $content->within($finish->ground->sides())->greatest(),
            $finish->edges->tile ?? $finish->ground->colour ?? PageStyle::read($site->stylesheet)->ground, $this->grids->of($pictures),
        ))->verdict();
    }

    /**
     * @param  list<string>  $titles  of those that are hard to read, the hardest first
     */
    private static function says(array $titles, float $ratio, float $needed): string
    {
        $name = $titles[0] === '' ? 'the hardest' : "“{$titles[0]}”";
        $count = count($titles);
        $told = Luminance::told($ratio);

        return ($count === 1 ? 'One caption is' : "{$count} captions are")." hard to read: {$name} has {$told} : 1 where ".Luminance::told($needed).' : 1 is needed.';
    }

    /**
     * @return array<string, mixed>
     */
    private function shown(FrozenGallery $drawn, CaptionSight $sight, float $needed): array
    {
        $item = $drawn->items[$sight->place];
        $file = $item instanceof ShownPicture ? $item->smallest(self::SMALL) : null;

        return [
            'number' => $sight->place + 1,
            'title' => $item->words()->title,
            'src' => $item instanceof ShownPicture && $file !== null ? $item->addressOf($file) : null,
            'shape' => round($item->ratio()->value, 4),
            'area' => array_map(static fn (float $share): float => round($share, 4), $sight->area),
            'ratio' => floor(100 * $sight->ratio) / 100,
            'at' => $sight->at,
            'is_hard' => $sight->ratio < $needed,
        ];
    }
}
