<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\NeedsOfGallery;
use App\BroughtIn\PageFile;
use App\Models\Body;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\Pane;
use App\Models\Site;
use App\Pages\PartsOfHtml;
use App\Publishing\ProofPages;
use App\Publishing\PutLive;
use Illuminate\Support\Facades\Storage;
use ZincPane\Core\Delivery\RenditionPlan;

/** Pages: how long it takes until visitors have them, to proof one, and to read one that came from outside. */
final class SiteBench
{
    private const RUNS = 9;

    /**
     * One gallery changed and put live, which stands on some of many pages.
     *
     * @return array<string, int|float>
     */
    public static function live(int $pictures, int $pages, int $on): array
    {
        $gallery = Galleries::of($pictures, 'Kites');
        $made = self::pages($pages);
        foreach (array_slice($made, 0, $on) as $page) {
            Pane::query()->create(['page_id' => $page->id, 'gallery_id' => $gallery->id, 'spot' => 2, 'name' => 'kites', 'place' => ['width' => 'wide']]);
        }
        self::make($gallery);
        $live = resolve(PutLive::class);
        $live->handle($gallery->id, null, null);
        $gap = 0;

        return Stopwatch::time(static function () use ($gallery, $live, &$gap): void {
            $fresh = Gallery::query()->findOrFail($gallery->id);
            $fresh->update(['design' => $fresh->design->with(['layout' => ['gap' => ++$gap]]), 'version' => $fresh->version + 1]);
            $live->handle($fresh->id, null, null);
        }, self::RUNS);
    }

    /**
     * A page with a gallery of so many pictures, with all places shown, as the studio shows it.
     *
     * @return array<string, int|float>
     */
    public static function preview(int $pictures): array
    {
        $gallery = Galleries::of($pictures, 'Kites');
        [$page] = self::pages(1);
        Pane::query()->create(['page_id' => $page->id, 'gallery_id' => $gallery->id, 'spot' => 2, 'name' => 'kites']);

        return Stopwatch::time(static fn (): string => resolve(ProofPages::class)->ofPage($page, $gallery->id), 21);
    }

    /**
     * A page of about a megabyte that came from outside: its places found.
     *
     * @return array<string, int|float>
     */
    public static function import(): array
    {
        $text = 'Every kite begins as a paper pattern on the bench by the window. Cloth is cut hot, seams are sewn twice, spars are matched by weight and by ear. ';
        $block = "<div class=\"row\"><h2 id=\"x\">Wind &amp; weather</h2>\n<p class='lead'>{$text}<a href=\"/kites?a=1&b=2\">More</a> {$text}<em>and</em> {$text}</p>\n<ul><li>One</li><li>Two</li></ul>\n<p><img src=\"a.jpg\" alt=\"A kite\"> {$text}</p></div>\n";
        $html = '<!doctype html><html><head><title>Old</title></head><body>'.str_repeat($block, intdiv(1024 * 1024, strlen($block))).'</body></html>';
        $spots = 0;
        $time = Stopwatch::time(static function () use ($html, &$spots): void {
            $spots = count(PageFile::read($html, 'old.html')->spots);
        }, self::RUNS);

        return [...$time, 'bytes' => strlen($html), 'spots' => $spots];
    }

    /** All files that its places ask for, as if they had been made: of a few bytes each. */
    private static function make(Gallery $gallery): void
    {
        $disk = Storage::disk('renditions');
        $plan = resolve(NeedsOfGallery::class)->planOf($gallery);
        foreach ($gallery->items()->with('picture')->get() as $item) {
            $picture = $item->picture;
            if ($picture === null) {
                continue;
            }
            $files = [...array_keys($plan->for($picture->size())), ...array_keys(RenditionPlan::basic()->for($picture->size()))];
            foreach ($files as $file) {
                $disk->put("{$picture->renditionFolder()}/{$file}", str_repeat('x', 40));
            }
            $picture->update(['renditions' => array_fill_keys($files, 40)]);
        }
    }

    /**
     * @return list<Page>
     */
    private static function pages(int $count): array
    {
        $site = Site::query()->firstOrFail();
        $body = Body::ofParts(PartsOfHtml::of(['<h1>Kites</h1>', ...array_fill(0, 12, '<p>Every kite begins as a paper pattern on the bench by the window.</p>')]));
        $pages = [];
        for ($i = 0; $i < $count; $i++) {
            $pages[] = $site->pages()->create(['slug' => 'page-'.bin2hex(random_bytes(4)), 'title' => "Page {$i}", 'menu_label' => "Page {$i}", 'position' => $i + 10, 'body' => $body]);
        }

        return $pages;
    }
}
