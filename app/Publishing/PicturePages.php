<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Formats\PictureRecord;
use ZincPane\Core\Formats\SchemaOrg;
use ZincPane\Core\Markup\Leads;
use ZincPane\Core\Markup\PicturePage;
use ZincPane\Core\Site\MenuEntry;
use ZincPane\Core\Site\SiteState;

/** A page for each picture of a gallery that has them. */
final readonly class PicturePages
{
    public function __construct(private Publishers $publishers)
    {
    }

    /**
     * @param  list<MenuEntry>  $menu
     * @param  string  $galleryId  of the edition
     * @return array<string, string> contents by path
     */
    public function of(Site $site, PageComposer $composer, array $menu, FrozenGallery $edition, SiteState $state, string $galleryId): array
    {
        if ($edition->key === '' || ! $edition->makesPages()) {
            return [];
        }
        [$up, $title] = self::standsOn($state, $galleryId);
        $addresses = Addresses::rooted();
        $leads = new Leads($edition, $addresses);
        $publisher = $this->publishers->of($site, $state);
        $phrases = $site->phrases();
        $pictures = array_filter($edition->items, static fn (Shown $item): bool => $item instanceof ShownPicture);
        $places = array_keys($pictures);
        $pages = [];
        foreach ($places as $at => $place) {
            $one = new PicturePage($edition, $place, $pictures[$place], $addresses, $leads, $places[$at - 1] ?? null, $places[$at + 1] ?? null, $up, $title ?? $edition->about->title, $publisher->host, $phrases);
            $pages[Leads::pagePath($edition, $place).'.html'] = $composer->compose(new Composed($one->title(), '', [$one->html()], head: $one->head(SchemaOrg::picture(new PictureRecord($edition, $place, $pictures[$place], $publisher)))), $menu);
        }

        return $pages;
    }

    /**
     * @return array{string, ?string} address and title of the page that it stands on first
     */
    public static function standsOn(SiteState $state, string $galleryId): array
    {
        foreach ($state->pages as $page) {
            if ($page->panesOf($galleryId) !== []) {
                return [$page->path(), $page->title];
            }
        }

        return ['/', null];
    }
}
