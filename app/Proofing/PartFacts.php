<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Body;
use App\Models\GalleryItem;
use App\Models\Page;
use App\Models\Picture;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\Parts;

/** The parts of a page of the site itself, for whoever writes on it. */
final class PartFacts
{
    /** px of the picture that is shown beside a part. */
    private const SMALL = 240;

    /**
     * @return array<string, mixed>
     */
    public function of(Page $page): array
    {
        $body = Body::called($page->body);
        $parts = $body->kind === Body::PARTS ? $body->parts() : Parts::of([]);
        $pictures = Picture::query()->whereIn('id', $parts->pictures())->with('poster')->get()->keyBy('id');
        $spots = [];
        for ($spot = 0; $spot <= count($parts->list); $spot++) {
            $spots[] = $parts->saysSpot($spot);
        }

        return [
            'seen' => $body->hash,
            'parts' => array_map(static fn (Part $part): array => [
                'id' => $part->id, 'kind' => $part->kind->value, 'html' => $part->html, 'level' => $part->level, 'ordered' => $part->ordered,
                'picture' => $part->picture, 'caption' => $part->caption, 'side' => $part->side->value, 'says' => $part->says(),
                'thumbnail' => $part->picture === null ? null : $pictures->get($part->picture)?->thumbnail(self::SMALL),
            ], $parts->list),
            'spots' => $spots,
            'twice' => $this->twice($page, $parts),
        ];
    }

    /**
     * Pictures that stand by themselves on the page, and are in a gallery on it too.
     *
     * @return list<array{part: string, pane: string, item: string, gallery: string}>
     */
    private function twice(Page $page, Parts $parts): array
    {
        $twice = [];
        foreach ($page->panes()->with('gallery')->get() as $pane) {
            $leftOut = $pane->toCore()->exceptions->leftOut;
            $items = GalleryItem::query()->where('gallery_id', $pane->gallery_id)->where('is_hidden', false)->whereIn('picture_id', $parts->pictures())->whereNotIn('id', $leftOut)->get();
            foreach ($items as $item) {
                foreach ($parts->list as $part) {
                    if ($part->picture === $item->picture_id) {
                        $twice[] = ['part' => $part->id, 'pane' => $pane->id, 'item' => $item->id, 'gallery' => $pane->gallery->title];
                    }
                }
            }
        }

        return $twice;
    }
}
