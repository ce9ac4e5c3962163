<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\AddPictures;
use App\Actions\ChangeGallery;
use App\Actions\CreateGallery;
use App\Intake\Provenance;
use App\Intake\TakeIn;
use App\Models\Body;
use App\Models\Comment;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Site;
use App\Models\User;
use App\Pages\PanesOfSite;
use App\Pages\PartsOfHtml;
use App\Publishing\PutLive;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\DomCrawler\Crawler;
use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Design\NamedFinish;
use ZincPane\Core\Finish\Ready;

/** Loads the made-up site of Saltreed Kite Works, its pictures and galleries, once. */
final class LoadDemo extends Command
{
    protected $signature = 'zinc:demo';

    protected $description = 'Load the demo site, its pictures and galleries, unless there is a site already';

    private const EMAIL = 'owner@saltreed.example';

    /** Slug, title, menu label (null: not in the menu), the page above it in the menu. */
    private const PAGES = [
        ['home', 'Home', 'Home'],
        ['kites', 'Kites', 'Kites'],
        ['kites-to-hire', 'Kites to hire', 'To hire', 'kites'],
        ['repairs', 'Repairs', 'Repairs'],
        ['long-wind-day', 'Long Wind Day', null],
        ['find-us', 'Find us', 'Find us'],
    ];

    /** Key in the catalogue, title, layout, key of the finish, page, spot and how it stands there, and what of the viewer is other than usual. */
    private const GALLERIES = [
        ['wind', 'Long Wind Day', ['kind' => 'rows', 'row_height' => 240, 'gap' => 8, 'last_row' => 'balance'], 'marsh-light', ['long-wind-day', 2]],
        ['sale', 'Kites for sale', ['columns' => 5, 'shape' => '1:1', 'gap' => 14, 'last_row' => 'fill'], 'mounted', ['kites', 2]],
        ['shop', 'From the workshop', ['kind' => 'masonry', 'column_rule' => 'fit', 'tile_width' => 240, 'gap' => 12, 'phone' => ['columns' => 2]], 'sailcloth', ['home', 4]],
        ['night', 'Night flying', ['kind' => 'mosaic', 'row_height' => 260, 'gap' => 6], 'night-shed', ['long-wind-day', 4, ['width' => 'edges']], ['controls' => ['thumbnails' => true], 'playing' => ['seconds' => 6]]],
        ['press', 'Press pictures', ['columns' => 3, 'shape' => '3:2', 'gap' => 18], 'line-and-reel', ['find-us', 3, ['width' => 'half', 'side' => 'end']], ['giving' => ['download' => 'original', 'pages' => true], 'click' => ['hint' => 'below'], 'words' => ['rights' => true]]],
    ];

    /** The page that visitors may comment, and what they wrote there, by hours ago. */
    private const WITH_COMMENTS = 'long-wind-day';

    private const COMMENTS = [
        60 => ['Wren', "The one with the stripes was ours.\nIt is still in the tree.", 'shown'],
        31 => ['A visitor from upriver', 'Is there room for a tent at Gull Sluice the night before?', 'shown'],
        2 => ['Tam', 'Found a reel of red line behind the tea tent. Whose is it?', 'waiting'],
    ];

    /** Where it was interrupted it goes on; the account is written down last, and says that all is there. */
    public function handle(TakeIn $intake, CreateGallery $create, AddPictures $add, ChangeGallery $change, PutLive $live, PanesOfSite $panes): int
    {
        $file = config()->string('zinc.demo.account_file');
        if (is_file($file)) {
            $this->line('The demo site is there already.');

            return self::SUCCESS;
        }
        $pictures = $this->loadPictures($intake);
        $site = Site::query()->first() ?? $this->loadSite();
        $this->loadComments();
        $finishes = [];
        foreach (Ready::finishes() as $ready) {
            $finishes[$ready->key] = NamedFinish::ready($ready)->part();
        }
        foreach (self::GALLERIES as $told) {
            [$key, $title, $layout, $finish, $place] = $told;
            if ($this->isLive($title)) {
                continue;
            }
            $gallery = $add->handle($create->handle($title), $pictures[$key], null);
            $design = ['layout' => $layout, ...$finishes[$finish], 'viewer' => $told[5] ?? []];
            $gallery = $change->handle($gallery->id, null, Changes::parse(['kind' => 'design', 'design' => $design]), null);
            [$slug, $spot] = $place;
            $pane = $panes->place($gallery, Page::query()->where('slug', $slug)->sole()->id, $spot, null, null);
            if (isset($place[2])) {
                $panes->change($pane, ['place' => $place[2]], null);
            }
            $live->handle($gallery->id, null, null);
        }
        $this->loadAccount($file);

        return self::SUCCESS;
    }

    /** Two that were looked at, and one that waits. */
    private function loadComments(): void
    {
        $page = Page::query()->where('slug', self::WITH_COMMENTS)->sole();
        if (Comment::query()->exists()) {
            return;
        }
        foreach (self::COMMENTS as $hours => [$name, $text, $state]) {
            Comment::query()->create(['page_id' => $page->id, 'name' => $name, 'text' => $text, 'state' => $state, 'visitor' => '', 'created_at' => now()->subHours($hours)]);
        }
    }

    /** One that was begun and is not live was interrupted, and is made anew. */
    private function isLive(string $title): bool
    {
        $begun = Gallery::query()->where('title', $title)->get();
        $begun->whereNull('edition_id')->each(static fn (Gallery $gallery) => $gallery->forceDelete());

        return $begun->whereNotNull('edition_id')->isNotEmpty();
    }

    private function loadAccount(string $file): void
    {
        $given = config('zinc.demo.password');
        $password = is_string($given) && $given !== '' ? $given : strtolower(Str::random(12));
        User::query()->updateOrCreate(['email' => self::EMAIL], ['name' => 'Owner', 'password' => $password]);
        $beside = $file.'.new';
        touch($beside);
        chmod($beside, 0600);
        file_put_contents($beside, self::EMAIL."\n{$password}\n");
        rename($beside, $file);
    }

    /**
     * @return array<string, list<Picture>> by key of the catalogue
     */
    private function loadPictures(TakeIn $intake): array
    {
        $pictures = [];
        /** @var list<array{string, int, int, int, callable, string, string, string, string, float, float}> $catalogue */
        $catalogue = require database_path('demo/catalogue.php');
        foreach ($catalogue as [$file, , , , , $key, $title, $caption, $alt, $x, $y]) {
            $words = array_filter(['title' => $title, 'caption' => $caption, 'alt' => $alt], static fn (string $word): bool => $word !== '');
            $taken = $intake->handle(database_path("demo/pictures/{$file}"), $file, new Provenance(words: $words, focal: [$x, $y]));
            $pictures[$key][] = $taken->picture;
        }

        return $pictures;
    }

    private function loadSite(): Site
    {
        return DB::transaction(static fn (): Site => self::site(database_path('demo/site')));
    }

    private static function site(string $folder): Site
    {
        $site = Site::query()->create([
            'name' => 'Saltreed Kite Works',
            'shell' => (string) file_get_contents("{$folder}/shell.html"),
            'stylesheet' => (string) file_get_contents("{$folder}/site.css"),
            'margin' => 18,
            'content_width' => 1120,
        ]);
        foreach (self::PAGES as $position => $told) {
            [$slug, $title, $label] = $told;
            $html = '<body>'.file_get_contents("{$folder}/{$slug}.html").'</body>';
            $site->pages()->create([
                'slug' => $slug,
                'title' => $title,
                'menu_label' => $label,
                'parent_id' => isset($told[3]) ? $site->pages()->where('slug', $told[3])->sole()->id : null,
                'position' => $position,
                'comments' => $slug === self::WITH_COMMENTS,
                'body' => Body::ofParts(PartsOfHtml::of((new Crawler($html))->filter('body > *')->each(static fn (Crawler $block): string => $block->outerHtml()))),
            ]);
        }

        return $site;
    }
}
