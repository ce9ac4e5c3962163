<?php

declare(strict_types=1);

use App\BroughtIn\PageFile;
use App\BroughtIn\SpotFinder;
use App\BroughtIn\TagTokenizer;
use App\Models\Page;
use App\Models\SiteFile;
use App\Pages\BringIn;
use App\Pages\FilesOfPage;
use App\Publishing\BroughtInPages;
use App\Publishing\PageDownload;
use App\Publishing\PageFiles;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;

covers(PageFile::class, SpotFinder::class, TagTokenizer::class, BringIn::class, BroughtInPages::class, FilesOfPage::class, PageDownload::class, PageFiles::class);

/* Pages from outside: taken as they are, byte for byte. */

beforeEach(function (): void {
    Queue::fake();
    $this->owner = $this->signIn();
    $this->gallery = $this->galleryOf(2);
    $this->bring = function (string $contents, string $name = 'about.html', string $under = '') {
        $path = "{$this->files}/in-".bin2hex(random_bytes(4));
        file_put_contents($path, $contents);

        return $this->post('/studio/api/pages/bring-in', ['file' => new UploadedFile($path, $name, null, null, true), 'under' => $under], ['Accept' => 'application/json']);
    };
    $this->zip = function (array $files): string {
        $zip = new ZipArchive;
        $path = "{$this->files}/".bin2hex(random_bytes(4)).'.zip';
        $zip->open($path, ZipArchive::CREATE);
        foreach ($files as $name => $contents) {
            $zip->addFromString($name, $contents);
        }
        $zip->close();

        return (string) file_get_contents($path);
    };
    $this->place = fn (string $page, int $spot, ?array $room = null): string => $this->postJson('/studio/api/panes', ['page_id' => $page, 'gallery_id' => $this->gallery->id, 'spot' => $spot, 'room' => $room])->assertCreated()->json('id');
    $this->served = fn (string $path): string => (string) $this->get($path)->assertOk()->baseResponse->getFile()->getContent();
    $this->live = fn (array $pages) => $this->postJson('/studio/api/site/live', ['galleries' => [$this->gallery->id => $this->gallery->refresh()->version], 'pages' => $pages])->assertNoContent();
});

const OLD_PAGE = "<!DOCTYPE html>\r\n<HTML lang=de><head>\r\n<title>K\xE4se &amp; Drachen</title>\r\n<meta charset=\"windows-1252\"><link rel=stylesheet href=css/old.css>\r\n</head>\r\n<body onload=\"x()\" bgcolor=white>\r\n<nav><ul><li><a href='a.html'>A</a></ul></nav>\r\n<div id=main class='a > b'><h1>Gr\xFC\xDFe</h1>\r\n<p>Zwei<p>Drei <!-- <p>kein</p> -->\r\n<table><tr><td><p>nie</p></table></div>\r\n<script>if (a<b) document.write('<p>x</p>')</script>\r\n</body></html>\r\n";

it('writes a page back byte for byte but for the gallery and one line each in head and body', function (): void {
    $id = ($this->bring)(OLD_PAGE)->assertCreated()->assertJsonPath('notes.0', '2 scripts of the page stay in its file, and do not run here.')->json('pages.0');
    expect(Page::query()->findOrFail($id))->title->toBe('Käse & Drachen')->slug->toBe('about');
    ($this->live)([$id]);
    expect(($this->served)('/about'))->toBe(OLD_PAGE);
    ($this->place)($id, 2);
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Straße']])->assertOk();
    ($this->live)([$id]);
    $html = ($this->served)('/about');
    expect($html)->toMatch('~^<style data-zinc-pane[^\n]*</style>\n</head>~m')->toMatch('~^<script src="/assets/zinc-pane-[^\n]*</script>\n</body>~m')
        // Readable in an encoding that is not ours.
        ->and(preg_match('/[\x80-\xFF]/', str_replace(["\xE4", "\xFC", "\xDF"], '', $html)))->toBe(0)->and($html)->toContain('Stra&#223;e');
    // Told by nothing but the bytes: take away what was put in, and it is the file again.
    $without = preg_replace(['~<style data-zinc-pane[^\n]*\n~', '~<script src="/assets/zinc-pane[^\n]*\n~', '~<div class="zp-pane.*?</ul></div></div>~s'], '', $html);
    expect($without)->toBe(OLD_PAGE);
    $answer = $this->get('/about')->assertOk();
    expect($answer->headers->get('Content-Type'))->toBe('text/html; charset=windows-1252')->and($answer->headers->get('Content-Security-Policy'))->toContain("script-src 'self'");
});

it('finds the places between blocks of text, and none within menus, tables, lists and scripts', function (): void {
    $file = PageFile::read(OLD_PAGE, 'x');
    $marked = $file->with(array_map(static fn (int $spot): string => "[{$spot}]", array_keys($file->spots)), '', '');
    expect($marked)->toContain("<div id=main class='a > b'>[0]<h1>Gr\xFC\xDFe</h1>[1]\r\n<p>Zwei[2]<p>Drei <!-- <p>kein</p> -->\r\n[3]<table><tr><td><p>nie</p></table>[4]</div>")
        ->and(substr_count($marked, '['))->toBe(5)->and($file->ids)->toBe(['main']);
});

it('finds the same places in a page that does without the tags of its body', function (string $html, string $marked): void {
    $file = PageFile::read($html, 'x');
    expect($file->with(array_map(static fn (int $spot): string => "[{$spot}]", array_keys($file->spots)), '', ''))->toBe($marked);
})->with([
    'no tags around it at all' => ['<p>One</p><p>Two</p>', '[0]<p>One</p>[1]<p>Two</p>[2]'],
    'a heading and a text' => ["<title>Kites</title>\n<h1>One</h1>\n<p>Two", "<title>Kites</title>\n[0]<h1>One</h1>[1]\n<p>Two[2]"],
    'a list first' => ['<ul><li>No</ul><p>One</p>', '[0]<ul><li>No</ul>[1]<p>One</p>[2]'],
]);

it('keeps every byte of any broken page, whatever is put in', function (): void {
    $dice = dice(5);
    $bits = ['<p>', '</p>', '<div>', '</div>', '<ul><li>', '</ul>', '<h2 id=x>', '</h2>', '<body>', '</head>', '</body>', "text \xE9 &amp; < b", '<script>a</p>', '</script>', '<!-- <p> -->', '<img src="a>b">', "\r\n", '<table><tr>', '</table>', '<', '&#x', "\0", '<section', '</', '<p class="', '<br/>', '<svg><p/></svg>'];
    for ($i = 0; $i < 400; $i++) {
        $html = '<p>'.implode('', array_map(fn (): string => $bits[$dice->getInt(0, count($bits) - 1)], range(1, $dice->getInt(1, 25))));
        $file = PageFile::read($html, 'x');
        expect($file->with([], '', ''))->toBe($html)
            ->and(str_replace(['[X]', "(H)\n", "(B)\n"], '', $file->with(array_fill(0, count($file->spots), '[X]'), '(H)', '(B)')))->toBe(str_replace(["(H)\n"], '', $html))
            ->and($file->spots)->toBe(array_values(array_unique($file->spots)));
        foreach ($file->spots as $spot) {
            expect($spot)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(strlen($html));
        }
    }
});

it('refuses what is no page, and says why', function (string $contents, string $name, string $says): void {
    $pages = Page::query()->count();
    ($this->bring)($contents, $name)->assertStatus(422)->assertJsonPath('code', $name === 'a.zip' ? 'damaged-file' : 'page-not-taken')->assertSee($says);
    expect(Page::query()->count())->toBe($pages);
})->with([
    ['just words', 'a.html', 'no HTML page'], [str_repeat('<p>x</p>', 700_000), 'a.html', 'at most 2.0 MB'], ["\xFF\xFE<\0p\0>\0", 'a.html', 'UTF-16'],
    ['<html><frameset><frame src=a></frameset></html>', 'a.html', 'made of frames'], ['<html><head><base href="https://elsewhere.example/"></head><p>x</p></html>', 'a.html', 'base'],
    ['GIF89a', 'a.gif', 'neither an HTML file nor a ZIP'], ["PK\x03\x04broken", 'a.zip', 'ZIP'],
]);

it('brings in a small static site, shows it in the studio with its own style, and serves what it asks for', function (): void {
    $page = fn (string $title): string => "<html><head><title>{$title}</title><link rel=stylesheet href=\"css/old.css\"></head><body><p>One</p><script src=js/x.js></script></body></html>";
    $files = ['index.html' => $page('Start'), 'walks/map.html' => $page('Map'), 'css/old.css' => 'p{color:red}', 'js/x.js' => 'alert(1)', 'img/a b.png' => 'x', '../up.css' => 'x', '.well/x.css' => 'x', 'css/.x.css' => 'x', 'run.exe' => 'MZ', 'bad.html' => 'no tags', 'studio/x.css' => 'x'];
    $told = ($this->bring)(($this->zip)($files), 'old.zip', 'old')->assertCreated()->json();
    expect($told['pages'])->toHaveCount(2)->and(array_column($told['left'], 'name'))->toEqualCanonicalizing(['img/a b.png', '../up.css', '.well/x.css', 'css/.x.css', 'run.exe', 'bad.html'])
        ->and(array_filter(array_column($told['left'], 'why')))->toHaveCount(6)->and(SiteFile::query()->pluck('path')->all())->toEqualCanonicalizing(['old/css/old.css', 'old/js/x.js', 'old/studio/x.css']);
    [$index] = Page::query()->where('slug', 'old/index.html')->pluck('id')->all();
    $preview = $this->get("/studio/preview/{$index}/old/index.html?gallery={$this->gallery->id}")->assertOk();
    expect($preview->getContent())->toContain('data-spot="1"')->and($preview->headers->get('Content-Security-Policy'))->toContain("script-src 'none'");
    expect($this->get("/studio/preview/{$index}/old/css/old.css")->assertOk()->headers->get('Content-Type'))->toContain('text/css');
    $this->get("/studio/preview/{$index}/old/none.css")->assertNotFound();
    // A phone that looks at it has them too, and only as long as the address is good.
    $look = (string) preg_replace('~^http://[^/]+~', '', $this->postJson("/studio/api/pages/{$index}/look", ['of' => 'draft'])->json('address'));
    $this->app['auth']->guard('web')->forgetUser();
    expect($look)->toEndWith('/old/index.html')->and($this->get($look)->assertOk()->getContent())->toContain('<title>Start</title>')->not->toContain('data-spot');
    expect(file_get_contents($this->get(dirname($look).'/css/old.css')->assertOk()->baseResponse->getFile()->getPathname()))->toBe('p{color:red}');
    $this->get(dirname($look).'/run.exe')->assertNotFound();
    $this->get(str_replace('/look/', '/look/0', $look))->assertStatus(403);
    $this->actingAs($this->owner);
    $this->get('/old/css/old.css')->assertNotFound();
    $pane = ($this->place)($index, 0, ['phone' => 390, 'in_phone' => 350, 'wide' => 1280, 'in_wide' => 900]);
    expect($this->getJson("/studio/api/panes/{$pane}")->json('room'))->toBe(['wide' => 900, 'phone' => 350, 'most' => 900]);
    ($this->live)($told['pages']);
    expect(($this->served)('/old/index.html'))->toContain('zp-pane')->toContain('(min-width:940px)')->and(($this->served)('/old/'))->toBe(($this->served)('/old/index.html'))
        ->and(($this->served)('/old/css/old.css'))->toBe('p{color:red}')
        // Its scripts are only bytes here.
        ->and($this->get('/old/js/x.js')->assertOk()->headers->get('Content-Type'))->toBe('application/octet-stream');
    // Off again: nothing of it is left in reach.
    foreach ($told['pages'] as $id) {
        $this->postJson("/studio/api/pages/{$id}/offline")->assertNoContent();
    }
    $this->get('/old/css/old.css')->assertNotFound();
    $this->get('/old/index.html')->assertNotFound();
    // A second of the same name is refused whole.
    ($this->bring)(($this->zip)($files), 'old.zip', 'old')->assertStatus(422)->assertJsonPath('field', 'address');
    expect(Page::query()->count())->toBe(4);
});

it('takes of a site files of 32 MB together, and leaves out what is more by its name', function (): void {
    $files = ['index.html' => '<html><body><p>One</p></body></html>', 'long.html' => '<p>'.bin2hex(random_bytes(3 << 20)).'</p>'];
    foreach (range(1, 33) as $n) {
        $files["film-{$n}.mp4"] = str_repeat(random_bytes(32768), 32);
    }
    $told = ($this->bring)(($this->zip)($files), 'films.zip', 'films')->assertCreated()->json();
    expect(array_column($told['left'], 'why', 'name'))->toHaveKeys(['long.html', 'film-33.mp4'])->toHaveCount(2)->toContain('All files together have more than 32 MB.')->and(SiteFile::query()->count())->toBe(32)->and((int) SiteFile::query()->sum('bytes'))->toBe(32 << 20);
});

it('stores nothing of a site of which one file cannot be written, and writes nothing over what is there', function (): void {
    $page = '<html><body><p>One</p></body></html>';
    $bring = fn (array $files) => ($this->bring)(($this->zip)(['index.html' => $page, ...$files]), 'old.zip', 'old'.bin2hex(random_bytes(3)));
    $stored = fn (string $contents): string => "{$this->files}/originals/".SiteFile::pathOf(hash('sha256', $contents));
    $bring(['a.css' => 'p{color:red}'])->assertCreated();
    // As long, so that it counts as whole; written over it would be red again.
    file_put_contents($stored('p{color:red}'), 'p{color:RED}');
    // Where the second of its files would lie, something is in the way.
    $blocked = $stored('p{color:blue}');
    file_put_contents(dirname($blocked), 'in the way');
    $before = [Page::query()->count(), SiteFile::query()->count()];
    $answer = $bring(['a.css' => 'p{color:red}', 'b.css' => 'p{color:blue}']);
    expect($answer->getStatusCode())->toBeGreaterThanOrEqual(500)->and([Page::query()->count(), SiteFile::query()->count()])->toBe($before);
    unlink(dirname($blocked));
    $bring(['a.css' => 'p{color:red}', 'b.css' => 'p{color:blue}'])->assertCreated();
    // The file that others show was left alone, and no half of one lies about.
    expect(file_get_contents($stored('p{color:red}')))->toBe('p{color:RED}')->and(file_get_contents($blocked))->toBe('p{color:blue}')
        ->and(glob("{$this->files}/originals/site/*/*.*"))->toBe([]);
});

it('gives a page back as HTML, and with all that it asks for as a ZIP that opens anywhere', function (): void {
    $told = ($this->bring)(($this->zip)(['a/index.html' => '<html><body><p>One</p></body></html>', 'a/x.css' => 'p{}']), 'old.zip')->json();
    ($this->place)($told['pages'][0], 1);
    $html = $this->get("/studio/api/pages/{$told['pages'][0]}/file?as=html")->assertOk()->getContent();
    expect($html)->toContain(config('app.url').'/media/')->toContain('<p>One</p><div class="zp-pane');
    // With files of every kind: a font, originals, and pages of single pictures, which stay where they are.
    foreach (['page' => 'href="'.config('app.url').'/pictures/', 'file' => '/original.jpg"'] as $act => $leadsTo) {
        $this->change($this->gallery->refresh(), ['kind' => 'design', 'design' => ['viewer' => ['giving' => ['download' => 'original'], 'click' => ['act' => $act]], 'finish' => ['lettering' => ['font' => 'archivo'], 'captions' => ['place' => 'below']]]])->assertOk();
        file_put_contents($path = "{$this->files}/{$act}.zip", $this->get("/studio/api/pages/{$told['pages'][0]}/file?as=zip")->assertOk()->streamedContent());
        $zip = new ZipArchive;
        $zip->open($path);
        $page = (string) $zip->getFromName('a/index.html');
        preg_match_all('~\.\./([a-z]+/[^"\s,)&]+\.[a-z0-9]+)~', $page, $leads);
        expect($page)->toContain($leadsTo)->and($leads[1])->toContain('fonts/archivo-latin-wght-normal.woff2', 'assets/zinc-pane.js')->and(count($leads[1]))->toBeGreaterThan(8)->and($zip->getFromName('a/x.css'))->toBe('p{}');
        foreach ($leads[1] as $lead) {
            expect($zip->locateName($lead))->not->toBeFalse($lead);
        }
    }
    $this->getJson("/studio/api/pages/{$told['pages'][0]}/file?as=doc")->assertStatus(422);
    // A page of the site itself came from nowhere, and goes nowhere.
    $this->getJson('/studio/api/pages/'.Page::query()->where('slug', 'kites')->sole()->id.'/file?as=html')->assertNotFound();
});
