<?php

declare(strict_types=1);

namespace App\Publishing;

use App\BroughtIn\PageFile;
use App\Models\Page as PageModel;
use App\Models\Site;
use App\Models\SiteFile;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\Pane;

/** Pages that came from outside, written back byte for byte but for their galleries and one line each in head and body. */
final class BroughtInPages
{
    /** Folder of a build that they lie in, under the paths that they had. */
    public const FOLDER = 'brought';

    /** @var array<string, PageFile> by hash of the body */
    private array $read = [];

    public function __construct(private readonly Contents $contents, private readonly PlacePainter $painter, private readonly Factory $disks)
    {
    }

    public function file(Page $page): PageFile
    {
        return $this->read[$page->body] ??= PageFile::read($this->contents->body($page)->content, $page->title);
    }

    /** The path of its file in a build. */
    public static function path(Page $page): string
    {
        return self::FOLDER.'/'.(preg_match('/\.html?$/i', $page->address) === 1 ? $page->address : "{$page->address}.html");
    }

    /**
     * @param  callable(string): ?FrozenGallery  $shown  a gallery as it is to be shown; null for not at all
     * @param  string  $script  element that runs the visitors' script; empty for none
     * @param  string  $arrival  the same for tiles that arrive
     * @param  (callable(int): string)|null  $marker  HTML to show at each place, in the studio
     * @param  (callable(Pane, Fragment): Fragment)|null  $around  what stands around a gallery; null for nothing
     * @param  string  $style  that those need
     */
    public function compose(Page $page, Site $site, callable $shown, string $script, string $arrival, ?callable $marker = null, string $style = '', ?Addresses $addresses = null, ?callable $around = null): string
    {
        $file = $this->file($page);
        $ids = new OwnIdsOfPage;
        /** @var list<Fragment> $all */
        $all = [];
        $spots = [];
        for ($spot = 0; $marker !== null && $spot < count($file->spots); $spot++) {
            $spots[$spot] = $marker($spot);
        }
        foreach ($page->panes as $pane) {
            $gallery = $shown($pane->gallery);
            if ($gallery !== null) {
                $placed = $this->painter->place($pane, $ids->once($gallery), null, $site->phrases(), null, $marker !== null, $addresses);
                $all[] = $fragment = $around === null ? $placed : $around($pane, $placed);
                $spots[$pane->spot] = ($spots[$pane->spot] ?? '').$fragment->html;
            }
        }
        $head = $all === [] ? '' : PageComposer::preloads($all).PageComposer::styles($all);

        return $file->with($spots, str_replace("\n", ' ', $style.$head), $all === [] ? '' : $script.(PageComposer::arrives($all) ? $arrival : ''));
    }

    /**
     * Files that came with pages which are live.
     *
     * @param  array<Page>  $pages
     * @return array<string, string> contents by path in the build
     */
    public function filesOf(array $pages): array
    {
        $ids = array_map(static fn (Page $page): string => $page->id, array_values(array_filter($pages, static fn (Page $page): bool => $page->isBroughtIn)));
        $batches = $ids === [] ? [] : PageModel::query()->whereIn('id', $ids)->whereNotNull('batch')->pluck('batch')->unique()->all();
        $files = [];
        foreach ($batches === [] ? [] : SiteFile::query()->whereIn('batch', $batches)->get() as $file) {
            $files[self::FOLDER.'/'.$file->path] = (string) $this->disks->disk('originals')->get($file->storedPath());
        }

        return $files;
    }
}
