<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\ItemRows;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\Painter;
use App\Publishing\Places;
use App\Publishing\ProofPages;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Settings\SettingException;

/** How a gallery comes out: drawn, and measured. */
final readonly class GalleryProofs
{
    public function __construct(private ProofPages $pages, private Painter $painter, private GalleryMeasures $measures, private GalleryLegibility $legibility)
    {
    }

    /**
     * @param  string  $known  key of the HTML that the studio has; that is not sent again
     * @return array<string, mixed>
     */
    public function of(Gallery $gallery, string $known = ''): array
    {
        $rows = ItemRows::of($gallery->id);
        $drawn = Drafts::of($gallery, null, $rows);
        $site = Site::whole();
        $content = Places::of($gallery, $site);

        return [
            'measures' => $this->measures->of($drawn, $content),
            'legibility' => $this->legibility->of($drawn, $content, $site),
            'bands' => $this->bands($drawn, $content),
            'proof' => $this->proof($drawn, $rows, $content, $site, $known),
        ];
    }

    /**
     * The proof of a design that nobody adopted yet.
     *
     * @param  array<array-key, mixed>  $part  of the design
     * @return array{key: string, html: ?string, css: string}
     *
     * @throws SettingException when a setting is unknown or out of its range
     */
    public function ofPart(Gallery $gallery, array $part): array
    {
        $rows = ItemRows::of($gallery->id);
        $site = Site::whole();

        return $this->proof(Drafts::of($gallery, $gallery->design->with($part), $rows), $rows, Places::of($gallery, $site), $site, '');
    }

    /**
     * @return array{key: string, html: ?string, css: string}
     */
    private function proof(FrozenGallery $drawn, ItemRows $rows, ContentWidth $content, Site $site, string $known): array
    {
        $markup = $this->pages->proof($drawn, $content, $site);
        $key = hash('xxh128', $rows->mark.$markup->shapeOfHtml());

        return ['key' => $key, 'html' => $key === $known ? null : $markup->html(), 'css' => $markup->css()];
    }

    /**
     * The widths of the window in px at which the layout changes.
     *
     * @return list<int>
     */
    private function bands(FrozenGallery $drawn, ContentWidth $content): array
    {
        $starts = [];
        $content = $content->within($drawn->design->finish->ground->sides());
        foreach ($this->painter->sections($drawn) as $section) {
            foreach ($section->arrangement->bands as $band) {
                $starts[] = $band->band->from > 0 ? $content->windowFor($band->band->from) : null;
            }
        }
        $starts = array_unique(array_filter($starts, is_int(...)));
        sort($starts);

        return $starts;
    }
}
