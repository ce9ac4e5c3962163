<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Site;
use Illuminate\Contracts\View\Factory;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\Shown;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Leads;
use ZincPane\Core\Markup\PicturePage;
use ZincPane\Core\Phrases\Phrases;
use ZipArchive;

/** A gallery as pages for any host, or for a folder that is opened from the disk: it asks for nothing that is not in it. */
final readonly class GalleryZip
{
    /** Folders between the page of a picture and the top. */
    private const DEPTH = 2;

    public function __construct(private Painter $painter, private VisitorScript $script, private PageFiles $files, private GivenFiles $given, private Factory $views)
    {
    }

    /**
     * @param  string  $path  of a file that is not there yet
     */
    public function write(Gallery $gallery, string $path): void
    {
        $drawn = Drafts::of($gallery);
        $this->given->worded($drawn);
        $pages = $this->pages($drawn, Site::query()->firstOrFail());
        ZipOut::write($path, fn (ZipArchive $zip) => $this->fill($zip, $pages));
    }

    /**
     * @param  array<string, string>  $pages  contents by path
     */
    private function fill(ZipArchive $zip, array $pages): void
    {
        foreach ($pages as $name => $contents) {
            $zip->addFromString($name, $contents);
        }
        $this->files->addAsked($zip, implode("\n", $pages));
        // Pictures are packed already.
        for ($i = 0; $i < $zip->numFiles; $i++) {
            str_starts_with((string) $zip->getNameIndex($i), 'media/') && $zip->setCompressionIndex($i, ZipArchive::CM_STORE);
        }
    }

    /**
     * @return array<string, string> contents by path
     */
    private function pages(FrozenGallery $gallery, Site $site): array
    {
        $phrases = $site->phrases();
        $drawn = $this->painter->draw($gallery, 'gallery', ContentWidth::page($site->margin, $site->content_width), Addresses::archived(0), $phrases);
        $hasTitle = $gallery->about->showsTitle;
        $title = $hasTitle ? '' : (string) Element::of('h1')->text($gallery->about->title);
        $run = PageComposer::run('assets/zinc-pane.js', 'assets/viewer.js').($drawn->arrives ? PageComposer::run('assets/arrival.js') : '');
        $makesPages = $gallery->key !== '' && $gallery->makesPages();

        return [
            'index.html' => $this->page($site, $gallery->about->title, $run, $title.$drawn->html, 0),
            'gallery.css' => $drawn->css.($makesPages ? PicturePage::STYLE : ''),
            'assets/zinc-pane.js' => $this->script->contents(), 'assets/viewer.js' => $this->script->viewer()->contents(),
            ...($drawn->arrives ? ['assets/arrival.js' => $this->script->arrival()->contents()] : []),
            ...($makesPages ? $this->picturePages($gallery, $site, $phrases) : []),
        ];
    }

    /**
     * @return array<string, string> contents by path
     */
    private function picturePages(FrozenGallery $gallery, Site $site, Phrases $phrases): array
    {
        $addresses = Addresses::archived(self::DEPTH);
        $leads = new Leads($gallery, $addresses);
        $pictures = array_filter($gallery->items, static fn (Shown $item): bool => $item instanceof ShownPicture);
        $places = array_keys($pictures);
        $up = str_repeat('../', self::DEPTH);
        $pages = [];
        foreach ($places as $at => $place) {
            $one = new PicturePage($gallery, $place, $pictures[$place], $addresses, $leads, $places[$at - 1] ?? null, $places[$at + 1] ?? null, "{$up}index.html", $gallery->about->title, '', $phrases);
            $pages[Leads::pagePath($gallery, $place).'.html'] = $this->page($site, $one->title(), '', $one->html(), self::DEPTH);
        }

        return $pages;
    }

    private function page(Site $site, string $title, string $head, string $body, int $depth): string
    {
        return $this->views->make('archived', [
            'language' => $site->phrases()->tag, 'rightToLeft' => $site->isRightToLeft(), 'title' => $title, 'head' => $head, 'body' => $body,
            'up' => str_repeat('../', $depth), 'width' => $site->content_width, 'margin' => $site->margin,
        ])->render();
    }
}
