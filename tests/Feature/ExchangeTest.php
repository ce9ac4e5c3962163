<?php

declare(strict_types=1);

use App\Exchange\Draft;
use App\Exchange\ExchangeException;
use App\Exchange\FolderFiles;
use App\Exchange\GalleryOut;
use App\Exchange\MakeGallery;
use App\Exchange\Names;
use App\Exchange\PicturesIn;
use App\Exchange\Readers\CsvList;
use App\Exchange\Readers\FeedFile;
use App\Exchange\Readers\GalleryJson;
use App\Exchange\Readers\HtmlIndex;
use App\Exchange\Readers\IiifManifest;
use App\Exchange\Understand;
use App\Exchange\ZipFiles;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Picture;
use Illuminate\Support\Facades\Queue;
use ZincPane\Core\Formats\FormatException;
use ZincPane\Core\Formats\GalleryFile;

covers(Understand::class, MakeGallery::class, GalleryOut::class, PicturesIn::class, Names::class, ZipFiles::class, FolderFiles::class, CsvList::class, FeedFile::class, GalleryJson::class, HtmlIndex::class, IiifManifest::class);

/* Galleries out and in: of this program without loss, and of what people have from elsewhere. */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->folder = function (array $files): string {
        $folder = "{$this->files}/from-".bin2hex(random_bytes(4));
        foreach ($files as $name => $contents) {
            is_dir(dirname("{$folder}/{$name}")) || mkdir(dirname("{$folder}/{$name}"), 0777, true);
            file_put_contents("{$folder}/{$name}", $contents);
        }

        return $folder;
    };
    $this->bytes = fn (int $seed): string => (string) file_get_contents($this->pictureFile('jpg', 120, 80, $seed));
    $this->zip = function (array $files): string {
        $path = "{$this->files}/in-".bin2hex(random_bytes(4)).'.zip';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        foreach ($files as $name => $contents) {
            $zip->addFromString((string) $name, $contents);
        }
        $zip->close();

        return $path;
    };
    $this->understood = fn (array $files, string $called = 'walk.zip'): Draft => Understand::of(ZipFiles::open(($this->zip)($files), $called, app('config')), $called);
    $this->made = fn (string $zip): Gallery => app(MakeGallery::class)->handle($archive = ZipFiles::open($zip, 'x.zip', app('config')), Understand::of($archive, 'x.zip'), static fn () => null);
    $this->out = function (Gallery $gallery): string {
        $path = "{$this->files}/out-".bin2hex(random_bytes(4)).'.zip';
        app(GalleryOut::class)->write($gallery->refresh(), $path);

        return $path;
    };
    /** With something of everything. */
    $this->rich = function (int $seed): Gallery {
        $dice = dice($seed);
        $gallery = $this->galleryOf(4, $seed * 10);
        $change = fn (array $change) => $this->patchJson("/studio/api/galleries/{$gallery->id}", ['version' => $gallery->refresh()->version, 'change' => $change])->assertOk();
        $this->postJson("/studio/api/galleries/{$gallery->id}/texts", ['title' => 'Between', 'text' => 'Some **words** & <b>more</b>'])->assertCreated();
        $items = $gallery->items()->with('picture')->get();
        $change(['kind' => 'albums', 'albums' => ['list' => [['id' => 'A1', 'name' => 'Morning & noon'], ['id' => 'B2', 'name' => 'Evening']], 'view' => 'tabs'], 'of' => [$items[0]->id => 'A1', $items[1]->id => 'B2']]);
        $change(['kind' => 'words', 'words' => [$items[1]->id => ['title' => "Übér \"kite\" {$seed}", 'caption' => '', 'decorative' => true], $items[2]->id => ['alt' => 'A kite <tail>', 'link' => 'https://saltreed.example/?a=1&b=2']]]);
        $change(['kind' => 'about', 'about' => ['title' => "Long Wind Day {$seed}", 'description' => "Two\nlines", 'shows_description' => true]]);
        $change(['kind' => 'design', 'design' => ['layout' => ['kind' => $dice->getInt(0, 1) ? 'rows' : 'mosaic', 'gap' => $dice->getInt(0, 40)], 'finish' => ['captions' => ['place' => 'below'], 'ground' => ['picture' => $items[3]->picture_id, 'padding' => 12]], 'viewer' => ['giving' => ['pages' => true]]]]);
        $change(['kind' => 'hide', 'items' => [$items[0]->id], 'hidden' => true]);
        $this->patchJson("/studio/api/pictures/{$items[0]->picture_id}", ['words' => ['credit' => 'A. Marsh'], 'keywords' => 'kite, dyke', 'focal' => [0.25, 0.75]])->assertOk();

        return $gallery->refresh();
    };
    $this->named = static fn (Draft $draft): array => array_map(static fn ($picture): string => $picture->file, $draft->pictures);
});

it('writes a gallery out and reads it in without loss, here and elsewhere: out, in, out is the same byte by byte', function (int $seed): void {
    $gallery = ($this->rich)($seed);
    $first = ($this->out)($gallery);
    expect(hash_file('sha256', ($this->out)($gallery)))->toBe(hash_file('sha256', $first));
    foreach (['America/New_York', 'Asia/Tokyo'] as $zone) {
        putenv("TZ={$zone}");
        expect(hash_file('sha256', ($this->out)($gallery)))->toBe(hash_file('sha256', $first))->and(getenv('TZ'))->toBe($zone);
        putenv('TZ');
    }
    // Here: the pictures are there already.
    $again = ($this->made)($first);
    expect(hash_file('sha256', ($this->out)($again)))->toBe(hash_file('sha256', $first))->and($again->items()->count())->toBe($gallery->items()->count());
    // Elsewhere: nothing is there.
    GalleryItem::query()->delete();
    Gallery::query()->forceDelete();
    Picture::query()->update(['poster_id' => null]);
    Picture::query()->delete();
    (new Illuminate\Filesystem\Filesystem)->deleteDirectory("{$this->files}/originals");
    $there = ($this->made)($first);
    expect(hash_file('sha256', ($this->out)($there)))->toBe(hash_file('sha256', $first));
})->with(sample([1, 2, 3], 1));

it('writes what the published schema describes, and refuses what that refuses', function (): void {
    $schema = json_decode((string) file_get_contents(base_path('docs/gallery-file.schema.json')));
    $holds = static fn (object $json): bool => (new Opis\JsonSchema\Validator)->validate($json, $schema)->isValid();
    $read = static fn (object $json): GalleryFile => GalleryFile::parse(json_decode((string) json_encode($json), true));
    $zip = new ZipArchive;
    foreach ([1, 2] as $seed) {
        $zip->open(($this->out)(($this->rich)($seed)));
        $written = (string) $zip->getFromName('gallery.json');
        expect((new Opis\JsonSchema\Validator)->validate(json_decode($written), $schema)->error()?->__toString())->toBeNull();
    }
    $whole = json_decode($written);
    $read($whole);
    foreach (['pictures', 'items'] as $list) {
        foreach (array_keys((array) $whole->$list[0]) as $key) {
            $spoilt = json_decode($written);
            // Nothing is of this kind.
            $spoilt->$list[0]->$key = [[['x']]];
            expect($holds($spoilt))->toBeFalse("{$list}: {$key}")->and(fn () => $read($spoilt))->toThrow(FormatException::class);
        }
    }
    foreach (['about', 'albums', 'design', 'version', 'format', 'items', 'pictures'] as $key) {
        $spoilt = json_decode($written);
        unset($spoilt->$key);
        expect($holds($spoilt))->toBeFalse($key)->and(fn () => $read($spoilt))->toThrow(FormatException::class);
    }
});

it('leaves pictures that are there as they are, and says in the gallery what is otherwise', function (): void {
    $gallery = $this->galleryOf(1);
    $picture = $gallery->items()->with('picture')->first()->picture;
    $picture->update(['title' => 'Then', 'caption' => 'As it was']);
    $out = ($this->out)($gallery);
    $picture->update(['title' => 'Now']);
    $made = ($this->made)($out);
    expect($picture->refresh()->title)->toBe('Now')->and($made->items()->with('picture')->first()->words()->title)->toBe('Then')->and($made->items()->first()->title)->toBe('Then')->and($made->items()->first()->caption)->toBeNull();
});

it('takes nothing of a gallery that is not whole', function (string $what, string $says): void {
    $out = ($this->out)(($this->rich)(7));
    $counts = [Gallery::query()->count(), Picture::query()->count()];
    $zip = new ZipArchive;
    $zip->open($out);
    $json = json_decode((string) $zip->getFromName('gallery.json'), true);
    $original = $json['pictures'][0]['file'];
    match ($what) {
        'an original is missing' => $zip->deleteName($original),
        'an original is another' => $zip->addFromString($original, ($this->bytes)(999)),
        default => $zip->addFromString('gallery.json', json_encode(match ($what) {
            'a newer version' => [...$json, 'version' => 2],
            'another format' => [...$json, 'format' => 'else'],
            'an unknown field' => [...$json, 'more' => 1],
            'an album that is none' => array_replace_recursive($json, ['items' => [0 => ['album' => 'Z9']]]),
            'a picture that is none' => array_replace_recursive($json, ['items' => [1 => ['picture' => 99]]]),
            'a setting that cannot be' => array_replace_recursive($json, ['design' => ['layout' => ['gap' => -5]]]),
            'a design of tomorrow' => array_replace_recursive($json, ['design' => ['schema' => 99]]),
            'a way out' => array_replace_recursive($json, ['pictures' => [0 => ['file' => 'originals/../../etc/passwd']]]),
            'words that are none' => array_replace_recursive($json, ['pictures' => [0 => ['words' => ['title' => ['x']]]]]),
            'nothing of a list' => [...$json, 'items' => 'x'],
        })),
    };
    $zip->close();
    expect(fn () => ($this->made)($out))->toThrow(ExchangeException::class, $says)->and([Gallery::query()->count(), Picture::query()->count()])->toBe($counts);
})->with([
    ['an original is missing', 'named in the file, and did not come'], ['an original is another', 'not what it was'], ['a newer version', 'version: the file is of version 2'], ['another format', 'no gallery of this program'],
    ['an unknown field', 'more: there is no such field'], ['an album that is none', 'items[0].album'], ['a picture that is none', 'items[1].picture'], ['a setting that cannot be', 'design'], ['a design of tomorrow', 'design.schema'],
    ['a way out', 'pictures[0].file'], ['words that are none', 'pictures[0].words'], ['nothing of a list', 'items: a list is expected'],
]);

it('reads a page with linked thumbnails as people wrote it', function (): void {
    $html = mb_convert_encoding('<html><head><meta charset="windows-1252"><title>Drachen</title></head><body><h1>Unsere Drachen</h1><img src="logo.gif" width="20">
        <table><tr><td><a href="big/One.JPG"><img src="thumbs/one.jpg" alt="Roter Drachen"></a><br>Über dem Deich</td><td><a href="./big/two.jpg" title="Zwei"><img src="thumbs/two.jpg"></a></td></tr></table>
        <figure><img src="big/three%20.jpg" alt="Drei"><figcaption>Ohne Verweis</figcaption></figure><a href="big/gone.jpg">weg</a><a href="page.html">mehr</a></body></html>', 'Windows-1252', 'UTF-8');
    $files = ['site/index.html' => $html, 'site/big/One.JPG' => ($this->bytes)(1), 'site/big/two.jpg' => ($this->bytes)(2), 'site/big/three .jpg' => ($this->bytes)(3), 'site/thumbs/one.jpg' => ($this->bytes)(4), 'site/thumbs/two.jpg' => ($this->bytes)(5), 'site/big/other.jpg' => ($this->bytes)(6)];
    $draft = ($this->understood)($files);
    expect($draft->title)->toBe('Unsere Drachen')->and(($this->named)($draft))->toBe(['site/big/One.JPG', 'site/big/two.jpg', 'site/big/three .jpg'])
        ->and($draft->pictures[0]->words)->toBe(['caption' => 'Über dem Deich', 'alt' => 'Roter Drachen'])->and($draft->pictures[1]->words)->toBe(['title' => 'Zwei'])->and($draft->pictures[2]->words)->toBe(['caption' => 'Ohne Verweis', 'alt' => 'Drei'])
        ->and($draft->absent)->toBe(['big/gone.jpg'])->and($draft->left)->toContain('site/big/other.jpg')->toContain('site/thumbs/one.jpg');
    $gallery = ($this->made)(($this->zip)($files));
    expect($gallery->title)->toBe('Unsere Drachen')->and($gallery->items()->with('picture')->get()->map(static fn ($item): string => $item->words()->alt)->all())->toBe(['Roter Drachen', '', 'Drei']);
});

it('reads manifests, feeds and tables, what it wrote itself above all', function (): void {
    $gallery = ($this->rich)(4);
    $this->patchJson("/studio/api/galleries/{$gallery->id}", ['version' => $gallery->version, 'change' => ['kind' => 'hide', 'items' => [$gallery->items()->first()->id], 'hidden' => false]])->assertOk();
    $this->putLive($gallery->refresh())->assertOk();
    $live = fn (string $path): string => (string) file_get_contents("{$this->files}/live/current/{$path}");
    $media = [];
    foreach (glob("{$this->files}/live/media/*/*.jpg") as $file) {
        $media[substr($file, strlen("{$this->files}/live/"))] = (string) file_get_contents($file);
    }
    $manifest = ($this->understood)(['manifest.json' => $live("iiif/{$gallery->id}/manifest.json"), ...$media]);
    $feed = ($this->understood)(['feed.xml' => $live("feed/{$gallery->id}.xml"), ...$media]);
    expect($manifest->from)->toBe('a IIIF manifest')->and($manifest->title)->toBe('Long Wind Day 4')->and($manifest->pictures)->toHaveCount(4)->and($manifest->absent)->toBe([])
        ->and($feed->from)->toBe('a feed')->and(($this->named)($feed))->toBe(($this->named)($manifest))->and(array_column(array_map(static fn ($one): array => $one->words, $feed->pictures), 'alt'))->toContain('A kite <tail>');
    $table = ($this->understood)(['list.csv' => "sep=;\r\nDateiname;Titel\r\n", 'words.csv' => mb_convert_encoding("\u{FEFF}file;titel;alt text\r\nb.jpg;Zwei;Ein Drachen\r\na.jpg;Eins;\r\nnone.jpg;x;\r\n", 'UTF-16LE', 'UTF-8'), 'p/a.jpg' => ($this->bytes)(1), 'p/b.jpg' => ($this->bytes)(2)]);
    expect(($this->named)($table))->toBe(['p/b.jpg', 'p/a.jpg'])->and($table->absent)->toBe(['none.jpg'])->and($table->pictures[0]->words)->toBe(['title' => 'Zwei', 'alt' => 'Ein Drachen'])->and($table->from)->toContain('UTF-16');
    $rss = '<rss version="2.0"><channel><title>News</title><item><title>One &amp; only</title><enclosure url="https://elsewhere.example/up/a.jpg?x=1" type="image/jpeg"/></item><item><title>Two</title><description>&lt;p&gt;&lt;img src="/up/b.jpg" alt="A &amp;amp; B"&gt;&lt;/p&gt;</description></item></channel></rss>';
    $read = ($this->understood)(['rss.xml' => $rss, 'up/a.jpg' => ($this->bytes)(1), 'up/b.jpg' => ($this->bytes)(2)]);
    expect(array_column(array_map(static fn ($one): array => $one->words, $read->pictures), 'title'))->toBe(['One & only', 'Two'])->and($read->pictures[1]->words['alt'])->toBe('A & B');
    $old = json_encode(['@context' => 'http://iiif.io/api/presentation/2/context.json', '@type' => 'sc:Manifest', 'label' => 'Old', 'sequences' => [['canvases' => [['label' => 'Leaf 1', 'images' => [['resource' => ['@id' => 'https://x.example/a.jpg']]]]]]]]);
    expect(($this->understood)(['m.json' => $old, 'a.jpg' => ($this->bytes)(1)])->pictures[0]->words['title'])->toBe('Leaf 1');
    // Pictures alone, in the order in which people count.
    expect(($this->named)(($this->understood)(['k10.jpg' => 'x', 'k9.jpg' => 'x', 'notes.txt' => 'x'], 'Kites of May.zip')))->toBe(['k9.jpg', 'k10.jpg'])->and(($this->understood)(['k.jpg' => 'x'], 'Kites of May.zip')->title)->toBe('Kites of May');
});

it('refuses indexes that are broken, huge or hostile, names the file, and takes nothing', function (array $files, string $says): void {
    $files = array_map(static fn (string|Closure $one): string => $one instanceof Closure ? $one() : $one, $files);
    expect(fn () => ($this->understood)(['a.jpg' => 'x', ...$files]))->toThrow(ExchangeException::class, $says)->and(Picture::query()->count())->toBe(0);
})->with([
    'entities' => [['feed.xml' => '<?xml version="1.0"?><!DOCTYPE r [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><rss><channel><item><title>&b;</title></item></channel></rss>'], '“feed.xml” defines a document type'],
    'a file of the machine' => [['feed.atom' => '<!DOCTYPE r [<!ENTITY x SYSTEM "file:///etc/passwd">]><feed><entry><title>&x;</title></entry></feed>'], 'defines a document type'],
    'XML that ends early' => [['feed.xml' => "<rss>\n<channel>\n<item>"], 'line 3'],
    'JSON that ends early' => [['gallery.json' => '{"format": "zinc-pane-gallery", '], '“gallery.json” is no JSON'],
    'JSON too deep' => [['gallery.json' => str_repeat('[', 5000).str_repeat(']', 5000)], 'is no JSON that can be read'],
    'a manifest too deep' => [['manifest.json' => '{"@context":"http://iiif.io/x","items":'.str_repeat('[', 5000).str_repeat(']', 5000).'}'], '“manifest.json” is a manifest'],
    'a hundred thousand canvases' => [['manifest.json' => fn (): string => json_encode(['@context' => 'http://iiif.io/api/presentation/3/context.json', 'type' => 'Manifest', 'items' => array_map(static fn (int $n): array => ['items' => [['items' => [['body' => ['id' => hash('sha256', (string) $n).'.jpg']]]]]], range(1, 100_000))])], 'at most 5000'],
    'too large' => [['index.html' => fn (): string => bin2hex(random_bytes(9 * 1024 * 1024))], '16 MB'],
    'no gallery' => [['gallery.json' => '[]'], 'no gallery of this program'],
]);

it('finds nothing to make a gallery of where there is nothing', function (): void {
    expect(fn () => Understand::of(ZipFiles::open(($this->zip)(['readme.txt' => 'x']), 'x.zip', app('config')), 'x.zip'))->toThrow(ExchangeException::class, 'neither pictures nor an index');
});

it('finds a file by as much of its address as tells it from others', function (): void {
    $names = new Names(['a/one.jpg', 'b/one.jpg', 'b/Two Words.JPG', 'c/three.jpg']);
    expect($names->of('one.jpg', 'a'))->toBe('a/one.jpg')->and($names->of('../b/one.jpg', 'a'))->toBe('b/one.jpg')->and($names->of('https://x.example/up/b/one.jpg?v=2#top', ''))->toBe('b/one.jpg')
        ->and($names->of('one.jpg', ''))->toBeNull()->and($names->of('two%20words.jpg', 'nowhere'))->toBe('b/Two Words.JPG')->and($names->of('/three.jpg', 'a'))->toBe('c/three.jpg')->and($names->of('../../../etc/passwd', 'a'))->toBeNull()->and($names->of('', ''))->toBeNull();
});

it('reads a folder as it reads a ZIP, and follows no link out of it', function (): void {
    $folder = ($this->folder)(['index.html' => '<h1>Kites</h1><a href="a.jpg"><img src="a.jpg"></a><a href="out.jpg">x</a>', 'a.jpg' => ($this->bytes)(1)]);
    symlink('/etc/hostname', "{$folder}/out.jpg");
    $draft = Understand::of(new FolderFiles($folder), 'kites');
    expect(($this->named)($draft))->toBe(['a.jpg'])->and($draft->absent)->toBe(['out.jpg']);
});

it('comes by the studio: sent, looked at, made in the background, and taken along again', function (): void {
    $zip = (string) file_get_contents(($this->zip)(['index.html' => '<h1>Kites</h1><a href="a.jpg"><img src="a.jpg" alt="One"></a><a href="b.jpg">Two</a><a href="gone.jpg">x</a>', 'a.jpg' => ($this->bytes)(1), 'b.jpg' => 'no picture']));
    $send = function (string $body, string $name): Illuminate\Testing\TestResponse {
        $tus = ['Tus-Resumable' => '1.0.0', 'Accept' => 'application/json'];
        $at = (string) $this->withHeaders([...$tus, 'Upload-Length' => (string) strlen($body), 'Upload-Metadata' => 'filename '.base64_encode($name).',purpose '.base64_encode('gallery')])->post('/studio/api/uploads')->assertCreated()->headers->get('Location');

        return $this->call('PATCH', $at, [], [], [], ['HTTP_TUS_RESUMABLE' => '1.0.0', 'HTTP_UPLOAD_OFFSET' => '0', 'CONTENT_TYPE' => 'application/offset+octet-stream', 'HTTP_ACCEPT' => 'application/json'], $body);
    };
    $batch = $send($zip, 'kites.zip')->assertStatus(202)->assertJsonPath('batch.state', 'asking')->json('batch.id');
    Queue::assertNothingPushed();
    $this->getJson("/studio/api/batches/{$batch}/understood")->assertOk()->assertExactJson(['from' => 'a page', 'title' => 'Kites', 'description' => '', 'pictures' => [['file' => 'a.jpg', 'title' => '', 'caption' => '', 'alt' => 'One'], ['file' => 'b.jpg', 'title' => 'Two', 'caption' => '', 'alt' => '']], 'absent' => ['gone.jpg'], 'left' => []]);
    expect(Picture::query()->count())->toBe(0);
    // A start in between takes nothing away from whoever is looking.
    $this->artisan('zinc:sweep --start')->assertSuccessful();
    $this->postJson("/studio/api/batches/{$batch}/gallery", ['title' => 'Kites of May'])->assertStatus(202)->assertJsonPath('batch.state', 'waiting');
    Queue::assertPushed(App\Jobs\MakeGalleryOfZip::class, 1);
    app()->call([new App\Jobs\MakeGalleryOfZip($batch), 'handle']);
    $done = $this->getJson("/studio/api/batches/{$batch}")->assertOk()->assertJsonPath('state', 'done')->json();
    expect(array_column($done['outcomes'], 'state'))->toBe(['ready', 'failed'])->and(Gallery::query()->find($done['gallery_id'])->title)->toBe('Kites of May')
        ->and(Gallery::query()->find($done['gallery_id'])->items()->count())->toBe(1);
    // Once.
    app()->call([new App\Jobs\MakeGalleryOfZip($batch), 'handle']);
    expect(Gallery::query()->count())->toBe(1)->and(glob("{$this->files}/parts/*"))->toBe([]);
    $file = (string) $this->get("/studio/api/galleries/{$done['gallery_id']}/file")->assertOk()->assertHeader('Content-Disposition', 'attachment; filename=kites-of-may-gallery.zip')->streamedContent();
    $again = $send($file, 'kites-of-may-gallery.zip')->assertStatus(202)->json('batch.id');
    $this->getJson("/studio/api/batches/{$again}/understood")->assertOk()->assertJsonPath('from', 'a gallery of this program');
    $this->deleteJson("/studio/api/batches/{$again}")->assertNoContent();
    $this->getJson("/studio/api/batches/{$again}/understood")->assertNotFound();
    // A day later nobody is looking any more.
    $left = $send($zip, 'kites.zip')->assertStatus(202)->json('batch.id');
    $this->travel(25)->hours();
    $this->artisan('zinc:sweep --start')->assertSuccessful();
    expect(glob("{$this->files}/parts/*"))->toBe([]);
    $this->getJson("/studio/api/batches/{$left}/understood")->assertNotFound();
    // What no gallery can be made of.
    $send('no zip', 'x.zip')->assertStatus(422);
    $none = $send((string) file_get_contents(($this->zip)(['notes.txt' => 'x'])), 'notes.zip')->assertStatus(202)->json('batch.id');
    $this->getJson("/studio/api/batches/{$none}/understood")->assertStatus(422)->assertJsonPath('code', 'not-understood');
    $this->postJson("/studio/api/batches/{$none}/gallery")->assertStatus(422);
});

it('knows the file that an address means by as much of its end as tells it from the others', function (string $address, string $folder, ?string $file): void {
    expect((new Names(['site/big/One.JPG', 'site/small/one.jpg', 'site/two.jpg', 'other/three four.jpg']))->of($address, $folder))->toBe($file);
})->with([
    'beside the index' => ['two.jpg', 'site', 'site/two.jpg'],
    'the nearer of two of one name' => ['one.jpg', 'site/small', 'site/small/one.jpg'],
    'the same name in a folder that is told' => ['../big/one.jpg', 'site/small', 'site/big/One.JPG'],
    'one name in two places, told by nothing' => ['one.jpg', '', null],
    // From the root of a site, whatever folder the index lies in.
    'from the root' => ['/big/one.jpg', 'site/small', 'site/big/One.JPG'],
    'from the root, of a whole address' => ['https://kites.example/two.jpg?x=1#y', 'other', 'site/two.jpg'],
    'by an address without a scheme' => ['//kites.example/site/two.jpg', 'other', 'site/two.jpg'],
    'with signs that are escaped' => ['three%20four.jpg', 'other', 'other/three four.jpg'],
    'none of them' => ['five.jpg', 'site', null],
]);
