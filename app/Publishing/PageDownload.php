<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Page as PageModel;
use App\Models\Site;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Site\Page;
use ZipArchive;

/** A page that was brought in, to take along with its galleries as they are saved: bound to this host as HTML, or whole as a ZIP. */
final readonly class PageDownload
{
    public function __construct(private BroughtInPages $broughtIn, private VisitorScript $script, private PageFiles $files, private Publishers $publishers)
    {
    }

    /** One file; pictures and script are fetched from this host, once the galleries on it are live. */
    public function html(PageModel $model): string
    {
        $site = Site::whole();

        return $this->written($site->asSaved()->pages[$model->id], $site, Drafts::byId(), Addresses::absolute($this->publishers->host()), "{$this->publishers->host()}/embed.js");
    }

    /**
     * All of it: the page and those that came with it, what they ask for, the pictures of its galleries, the script.
     *
     * @param  string  $path  of a file that is not there yet
     */
    public function zip(PageModel $model, string $path): void
    {
        ZipOut::write($path, fn (ZipArchive $zip) => $this->fill($zip, $model));
    }

    private function fill(ZipArchive $zip, PageModel $model): void
    {
        $together = $model->batch === null ? [$model] : PageModel::query()->where('batch', $model->batch)->with('content:hash,kind')->get()->all();
        $site = Site::whole();
        $saved = $site->asSaved();
        $shown = Drafts::byId();
        foreach ($together as $page) {
            $core = $saved->pages[$page->id];
            $file = substr(BroughtInPages::path($core), strlen(BroughtInPages::FOLDER) + 1);
            $depth = substr_count($file, '/');
            $html = $this->written($core, $site, $shown, Addresses::relative($depth, $this->publishers->host()), str_repeat('../', $depth).'assets/zinc-pane.js');
            $zip->addFromString($file, $html);
            $this->files->add($zip, $core, $shown, $html);
        }
        foreach ($this->broughtIn->filesOf([$saved->pages[$model->id]]) as $file => $contents) {
            $zip->addFromString(substr($file, strlen(BroughtInPages::FOLDER) + 1), $contents);
        }
        $zip->addFromString('assets/zinc-pane.js', $this->script->contents());
        $zip->addFromString('assets/viewer.js', $this->script->viewer()->contents());
        $zip->addFromString('assets/arrival.js', $this->script->arrival()->contents());
    }

    /**
     * @param  callable(string): FrozenGallery  $shown
     */
    private function written(Page $page, Site $site, callable $shown, Addresses $addresses, string $script): string
    {
        $folder = dirname($script);

        return $this->broughtIn->compose($page, $site, $shown, PageComposer::run($script, "{$folder}/viewer.js"), PageComposer::run("{$folder}/arrival.js"), addresses: $addresses);
    }
}
