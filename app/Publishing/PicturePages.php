<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Page;
use App\Models\Site;
use Illuminate\Config\Repository;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Leads;
use ZincPane\Core\Markup\PicturePage;

/**
 * A page for each picture of a gallery that has them.
 *
 * @phpstan-import-type PageState from SiteState
 */
final readonly class PicturePages
{
    public function __construct(private Repository $config)
    {
    }

    /**
     * @param  list<array{page: Page, label: string}>  $menu
     * @param  array<string, PageState>  $state  of the site, by page
     * @param  string  $galleryId  of the edition
     * @return array<string, string> contents by path
     */
    public function of(Site $site, PageComposer $composer, array $menu, FrozenGallery $edition, array $state, string $galleryId): array
    {
        if ($edition->key === '' || ! $edition->makesPages()) {
            return [];
        }
        [$up, $title] = self::standsOn($site, $state, $galleryId);
        $addresses = Addresses::rooted();
        $leads = new Leads($edition, $addresses);
        $host = rtrim($this->config->string('app.url'), '/');
        $phrases = $site->phrases();
        $pictures = array_filter($edition->items, static fn (Shown $item): bool => $item instanceof ShownPicture);
        $places = array_keys($pictures);
        $pages = [];
        foreach ($places as $at => $place) {
            $one = new PicturePage($edition, $place, $pictures[$place], $addresses, $leads, $places[$at - 1] ?? null, $places[$at + 1] ?? null, $up, $title ?? $edition->about->title, $host, $phrases);
            $page = new Page(['slug' => '-', 'title' => $one->title(), 'blocks' => [$one->html()]]);
            $pages[Leads::pagePath($edition, $place).'.html'] = $composer->compose($page, $menu, [], null, $one->head());
        }

        return $pages;
    }

    /**
     * @param  array<string, PageState>  $state
     * @return array{string, ?string} address and title of the page that it stands on first
     */
    private static function standsOn(Site $site, array $state, string $galleryId): array
    {
        foreach ($site->pages as $page) {
            foreach ($state[$page->id]['panes'] ?? [] as $pane) {
                if ($pane['gallery'] === $galleryId) {
                    return [$page->address(), $page->title];
                }
            }
        }

        return ['/', null];
    }
}
