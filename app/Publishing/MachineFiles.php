<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Formats\Feed;
use ZincPane\Core\Formats\Iiif;
use ZincPane\Core\Formats\PageHead;
use ZincPane\Core\Formats\Publisher;
use ZincPane\Core\Formats\Sitemap;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\SiteState;

/** What machines are told of the site: in the heads of its pages, and in files of their own. Of what is locked, nothing. */
final readonly class MachineFiles
{
    public function __construct(private Publishers $publishers)
    {
    }

    /**
     * @param  array<string, FrozenGallery>  $open  galleries that everybody may see, by identifier
     */
    public function head(Page $page, Composed $content, array $open, Site $site, SiteState $state): string
    {
        $publisher = $this->publishers->of($site, $state);

        return (new PageHead($publisher, $publisher->whole($page->path()), $page->title, self::words($content), self::on($page, $open)))->html();
    }

    /**
     * @param  array<string, FrozenGallery>  $open  galleries that everybody may see, by identifier
     * @param  array<string, int>  $times  seconds since 1970 when each went live
     * @return array<string, string> contents by path
     */
    public function files(array $open, array $times, Site $site, SiteState $state): array
    {
        $publisher = $this->publishers->of($site, $state);
        $map = new Sitemap($publisher);
        foreach ($state->pages as $page) {
            $map->page($page->path(), array_values(self::on($page, $open)));
        }
        $files = [Sitemap::PATH => $map->xml(), 'robots.txt' => self::robots($publisher)];
        foreach ($open as $id => $gallery) {
            $standsOn = $publisher->whole(PicturePages::standsOn($state, $id)[0]);
            $files[Feed::path($id)] = (new Feed($gallery, $id, $publisher, $standsOn, $times[$id]))->xml();
            $files[Iiif::path($id)] = self::json((new Iiif($gallery, $id, $publisher, $standsOn))->manifest());
            foreach ($gallery->items as $item) {
                if ($item instanceof ShownPicture) {
                    $files[Iiif::servicePath($item)] = self::json(Iiif::info($item, $publisher));
                }
            }
        }

        return $files;
    }

    /**
     * @param  array<string, FrozenGallery>  $open
     * @return array<string, FrozenGallery> those that stand on a page, as they do there
     */
    private static function on(Page $page, array $open): array
    {
        $galleries = [];
        foreach ($page->panes as $pane) {
            if (isset($open[$pane->gallery])) {
                $galleries[$pane->gallery] ??= $pane->exceptions->in($open[$pane->gallery]);
            }
        }

        return $galleries;
    }

    /** The first words of a page that are no heading. */
    private static function words(Composed $content): string
    {
        foreach ($content->blocks as $block) {
            $text = preg_match('/^\s*<h\d/i', $block) === 1 ? '' : trim(html_entity_decode(strip_tags($block), ENT_QUOTES | ENT_HTML5, 'UTF-8'));
            if ($text !== '') {
                return $text;
            }
        }

        return '';
    }

    private static function robots(Publisher $publisher): string
    {
        return "User-agent: *\nDisallow: /studio\nDisallow: /look/\nDisallow: /unlock/\n\nSitemap: ".$publisher->whole(Sitemap::PATH)."\n";
    }

    /**
     * @param  array<string, mixed>  $data
     */
    private static function json(array $data): string
    {
        return json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
