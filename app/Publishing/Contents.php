<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Body;
use App\Models\Picture;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenItem;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\PageFrame;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\PartMarkup;
use ZincPane\Core\Site\Parts;

/** What stands on pages besides galleries: their words, and pictures that stand by themselves. */
final class Contents
{
    /** @var array<string, Body> by hash; what has a hash never changes */
    private array $known = [];

    /** @var array<string, Parts> by hash */
    private array $read = [];

    public function body(Page $page): Body
    {
        return $this->known[$page->body] ??= Body::called($page->body);
    }

    /** Null of a page that was brought in. */
    public function parts(Page $page): ?Parts
    {
        return $page->isBroughtIn ? null : $this->read[$page->body] ??= $this->body($page)->parts();
    }

    /**
     * Fetches the content of many pages at once.
     *
     * @param  array<Page>  $pages
     */
    public function fetch(array $pages): void
    {
        $lacking = array_diff(array_map(static fn (Page $page): string => $page->body, array_values($pages)), array_keys($this->known));
        foreach (Body::query()->whereIn('hash', $lacking)->get() as $body) {
            $this->known[$body->hash] = $body;
        }
    }

    /**
     * The blocks of a page of the site itself.
     *
     * @param  array<string, ShownPicture>  $pictures  that stand by themselves, by id
     * @return list<string> HTML
     */
    public function blocks(Page $page, PageFrame $frame, array $pictures): array
    {
        $markup = new PartMarkup($frame, Addresses::rooted());
        $blocks = [];
        foreach ($this->parts($page)->list ?? [] as $part) {
            $blocks[] = $markup->of($part, $part->picture === null ? null : $pictures[$part->picture] ?? null);
        }

        return $blocks;
    }

    /** The style that its blocks need. */
    public function css(Page $page, PageFrame $frame): string
    {
        $hasSingle = array_filter($this->parts($page)->list ?? [], static fn ($part): bool => $part->kind === PartKind::Picture) !== [];

        return $hasSingle ? (string) (new PartMarkup($frame, Addresses::rooted()))->css() : '';
    }

    /**
     * Pictures that stand by themselves on pages, as they are now in the store; those that were deleted or taken
     * offline are left out.
     *
     * @param  array<Page>  $pages
     * @return array<string, ShownPicture> by id
     */
    public function pictures(array $pages): array
    {
        $ids = array_merge([], ...array_map(fn (Page $page): array => $this->parts($page)?->pictures() ?? [], array_values($pages)));
        $shown = [];
        foreach ($ids === [] ? [] : Picture::query()->whereIn('id', array_unique($ids))->whereNull('offline_at')->whereNull('binned_at')->with('poster')->get() as $picture) {
            $face = $picture->face();
            $made = $face === null ? [] : array_values($face->madeRenditions());
            if ($face !== null && $made !== []) {
                $shown[$picture->id] = new ShownPicture($face->size(), $face->focal(), $picture->words(), $face->address(), $made);
            }
        }

        return $shown;
    }

    /**
     * @param  array<string, ShownPicture>  $pictures
     * @return array<string, array<string, mixed>>
     */
    public static function frozen(array $pictures): array
    {
        return array_map(static fn (ShownPicture $picture): array => FrozenItem::write($picture), $pictures);
    }

    /**
     * @param  array<string, array<string, mixed>>  $frozen
     * @return array<string, ShownPicture>
     */
    public static function thawed(array $frozen): array
    {
        return array_filter(array_map(FrozenItem::read(...), $frozen), static fn ($item): bool => $item instanceof ShownPicture);
    }
}
