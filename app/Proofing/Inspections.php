<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\ItemRow;
use App\Models\ItemRows;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\Places;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Snags\AtHand;
use ZincPane\Core\Snags\Inspected;

/** Galleries as the rules of snags look at them. */
final readonly class Inspections
{
    public function __construct(private GalleryLegibility $legibility, private SurroundingsOf $around, private Factory $disks)
    {
    }

    public function of(Gallery $gallery, Site $site): Inspected
    {
        return $this->withShown($gallery, $site)[0];
    }

    /**
     * @return array{Inspected, array<string, Shown>} and what is drawn of each item, by its identifier
     */
    public function withShown(Gallery $gallery, Site $site): array
    {
        $rows = ItemRows::of($gallery->id);
        $drawn = Drafts::of($gallery, null, $rows);
        $content = Places::of($gallery, $site);
        $viewports = Viewports::at($content->within($drawn->design->finish->ground->sides()));

        $places = self::places($rows, $drawn);

        return [new Inspected(
            new GalleryDocument($gallery->about(), $gallery->design, $gallery->albumsInUse(), array_map(static fn (ItemRow $row) => $row->toCore(), $rows->all)),
            $this->atHand($rows, $drawn, $places), $this->around->of($gallery, $site), $viewports->wide, $viewports->phone,
            $drawn->design->finish->captions->areOver() ? $this->legibility->verdict($drawn, $content, $site) : null,
        ), array_map(static fn (int $place): Shown => $drawn->items[$place], $places)];
    }

    /**
     * @param  array<string, int>  $places  among the drawn ones, by item
     * @return array<string, AtHand> by item; of those that no visitor is to see there is none, unless they are hidden in this gallery alone
     */
    private function atHand(ItemRows $rows, FrozenGallery $drawn, array $places): array
    {
        $originals = $this->disks->disk('originals');
        $atHand = [];
        foreach ($rows->all as $row) {
            $place = $places[$row->id()] ?? null;
            $original = $row->originalPath();
            if (! $row->isHidden()) {
                $atHand[$row->id()] = new AtHand(
                    $place === null ? null : $drawn->items[$place]->subject(), $row->ownWords(), $row->name(), $row->look(), $row->failure(),
                    $original !== null && ! $originals->exists($original), $row->facts()->rights, $row->facts()->licence, $row->tellsPlace(), $row->html() !== null,
                );
            }
        }

        return $atHand;
    }

    /**
     * @return array<string, int> place among the drawn ones, by item
     */
    private static function places(ItemRows $rows, FrozenGallery $drawn): array
    {
        $byKey = array_flip($drawn->keys);
        $places = [];
        foreach ($rows->all as $row) {
            $place = $byKey[FrozenGallery::keyOf($row->id())] ?? null;
            if ($place !== null) {
                $places[$row->id()] = $place;
            }
        }

        return $places;
    }
}
