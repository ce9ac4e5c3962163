<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Page as PageModel;
use App\Models\Picture;
use App\Models\Site;
use Illuminate\Config\Repository;
use Illuminate\Contracts\Filesystem\Factory;
use RuntimeException;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\SiteState;
use ZipArchive;

/** A page to take along, with its galleries as they are saved: bound to this host as HTML, or whole as a ZIP. */
final readonly class PageDownload
{
    public function __construct(private BroughtInPages $broughtIn, private ProofPages $proofs, private VisitorScript $script, private Factory $disks, private Repository $config)
    {
    }

    /** One file; pictures and script are fetched from this host, once the galleries on it are live. */
    public function html(PageModel $model): string
    {
        $host = rtrim($this->config->string('app.url'), '/');

        $site = Site::whole();
        $saved = $site->asSaved();

        return $this->written($saved->pages[$model->id], $site, $saved, Drafts::byId(), Addresses::absolute($host), "{$host}/embed.js");
    }

    /** All of it: the page and those that came with it, what they ask for, the pictures of its galleries, the script. */
    public function zip(PageModel $model): string
    {
        $path = sys_get_temp_dir().'/page-'.bin2hex(random_bytes(8)).'.zip';
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw new RuntimeException('The ZIP cannot be written.');
        }
        $together = $model->batch === null ? [$model] : PageModel::query()->where('batch', $model->batch)->with('content:hash,kind')->get()->all();
        $site = Site::whole();
        $saved = $site->asSaved();
        $shown = Drafts::byId();
        foreach ($together as $page) {
            $core = $saved->pages[$page->id];
            $file = $core->isBroughtIn ? substr(BroughtInPages::path($core), strlen(BroughtInPages::FOLDER) + 1) : "{$core->address}.html";
            $depth = substr_count($file, '/');
            $zip->addFromString($file, $this->written($core, $site, $saved, $shown, Addresses::relative($depth), str_repeat('../', $depth).'assets/zinc-pane.js'));
            $this->addPictures($zip, $core, $shown);
        }
        foreach ($this->broughtIn->filesOf([$saved->pages[$model->id]]) as $file => $contents) {
            $zip->addFromString(substr($file, strlen(BroughtInPages::FOLDER) + 1), $contents);
        }
        $zip->addFromString('assets/zinc-pane.js', $this->script->contents());
        $zip->addFromString('assets/viewer.js', $this->script->viewer()->contents());
        $zip->addFromString('assets/arrival.js', $this->script->arrival()->contents());
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /**
     * @param  callable(string): FrozenGallery  $shown
     */
    private function written(Page $page, Site $site, SiteState $saved, callable $shown, Addresses $addresses, string $script): string
    {
        $folder = dirname($script);
        $run = PageComposer::run($script, "{$folder}/viewer.js");
        $arrival = PageComposer::run("{$folder}/arrival.js");

        return $page->isBroughtIn
            ? $this->broughtIn->compose($page, $site, $shown, $run, $arrival, addresses: $addresses)
            : $this->proofs->taken($page, $site, $saved, $shown, $addresses, $run, $arrival);
    }

    /**
     * @param  callable(string): FrozenGallery  $shown
     */
    private function addPictures(ZipArchive $zip, Page $page, callable $shown): void
    {
        foreach ($page->panes as $pane) {
            foreach ($pane->exceptions->in($shown($pane->gallery))->items as $item) {
                if ($item instanceof ShownPicture) {
                    $this->addFiles($zip, $item);
                }
            }
        }
    }

    private function addFiles(ZipArchive $zip, ShownPicture $picture): void
    {
        foreach ($picture->renditions as $rendition) {
            $file = Picture::folderOf(basename($picture->address)).'/'.$rendition->fileName();
            if ($this->disks->disk('renditions')->exists($file)) {
                $zip->addFile($this->disks->disk('renditions')->path($file), ltrim($picture->addressOf($rendition), '/'));
            }
        }
    }
}
