<?php

declare(strict_types=1);

use App\Actions\GalleryStore;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Site;
use Illuminate\Support\Facades\Queue;
use Symfony\Component\DomCrawler\Crawler;

covers(GalleryStore::class);

// What a click does: for people of the studio, for visitors with and without a script, and for what they may take with them.

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->kites = Page::query()->where('slug', 'kites')->sole();
    $this->gallery = $this->galleryOf(3);
    $this->items = $this->gallery->items()->orderBy('position')->pluck('id')->all();
    $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated();
    $this->set = function (array $viewer): void {
        $this->change($this->gallery->refresh(), ['kind' => 'design', 'design' => ['viewer' => $viewer]])->assertOk();
    };
    $this->click = fn (array $items, ?string $click) => $this->change($this->gallery->refresh(), ['kind' => 'click', 'items' => $items, 'click' => $click]);
    $this->live = fn () => $this->putLive($this->gallery->refresh())->assertOk();
    $this->file = fn (string $path): string => (string) $this->get($path)->assertOk()->baseResponse->getFile()->getContent();
    $this->tiles = function (): Crawler {
        ($this->live)();

        return (new Crawler(($this->file)('/kites')))->filter('.zp-tiles>li>a');
    };
    $this->original = function (string $path): Picture {
        $id = $this->upload($this->gallery->refresh(), $path, basename($path))->assertCreated()->json('picture.id');

        return Picture::query()->findOrFail($id);
    };
});

it('tells of every picture what its click does, keeps exceptions, and takes them back by undo', function (): void {
    ($this->click)([$this->items[0]], 'nothing')->assertOk()->assertJsonPath('undo.says', 'set a click on a picture to “nothing”');
    ($this->click)([$this->items[1]], 'address')->assertOk();
    $told = $this->getJson("/studio/api/galleries/{$this->gallery->id}/clicks")->assertOk();
    expect($told->json('rule'))->toBe('large view')
        ->and(array_column($told->json('pictures'), 'does'))->toBe(['does nothing', 'does nothing: it has no address yet', 'opens the large view'])
        ->and(array_column($told->json('pictures'), 'click'))->toBe(['nothing', 'address', null])
        ->and(array_column($told->json('pictures'), 'lacks'))->toBe([false, true, false]);
    $this->change($this->gallery->refresh(), ['kind' => 'words', 'words' => [$this->items[1] => ['link' => 'https://saltreed.example/sails/']]])->assertOk();
    $does = fn (): array => array_column($this->getJson("/studio/api/galleries/{$this->gallery->id}/clicks")->json('pictures'), 'does');
    expect($does())->toBe(['does nothing', 'leads to saltreed.example/sails', 'opens the large view']);
    ($this->live)();
    ($this->click)([$this->items[0], $this->items[1]], null)->assertOk()->assertJsonPath('live.changes', ['left a click on 2 pictures to the gallery']);
    ($this->set)(['click' => ['act' => 'place']]);
    expect($does())->toBe(['grows in place', 'grows in place', 'grows in place']);
    foreach (range(1, 2) as $ignored) {
        $this->postJson("/studio/api/galleries/{$this->gallery->id}/undo", ['version' => $this->gallery->refresh()->version, 'entry' => $this->gallery->lastDone()->id])->assertOk();
    }
    expect($does())->toBe(['does nothing', 'leads to saltreed.example/sails', 'opens the large view']);
});

it('refuses a click that is none, and an item that is not there, whole', function (): void {
    ($this->click)([$this->items[0]], 'explode')->assertStatus(422)->assertSee('one of large, place, page, file, address, nothing');
    ($this->click)([$this->items[0], '01kb0000000000000000000000'], 'file')->assertStatus(422);
    $this->change($this->gallery->refresh(), ['kind' => 'click', 'items' => 'all', 'click' => 'file'])->assertStatus(422);
    expect($this->gallery->items()->whereNotNull('click')->count())->toBe(0);
});

it('leads where it is to lead, with and without a script', function (): void {
    $this->change($this->gallery->refresh(), ['kind' => 'words', 'words' => [
        $this->items[0] => ['link' => 'https://saltreed.example/sails/', 'alt' => 'A sail'], $this->items[1] => ['link' => '/repairs'],
    ]])->assertOk();
    ($this->click)([$this->items[0], $this->items[1]], 'address')->assertOk();
    ($this->click)([$this->items[2]], 'nothing')->assertOk();
    ($this->set)(['click' => ['new_tab' => true]]);
    $tiles = ($this->tiles)();
    expect($tiles->eq(0)->attr('href'))->toBe('https://saltreed.example/sails/')->and($tiles->eq(0)->attr('target'))->toBe('_blank')->and($tiles->eq(0)->attr('rel'))->toBe('noopener')
        ->and($tiles->eq(0)->attr('aria-label'))->toBe('A sail, leads to saltreed.example, in a new tab')
        // A place of this site opens as places of this site do.
        ->and($tiles->eq(1)->attr('href'))->toBe('/repairs')->and($tiles->eq(1)->attr('target'))->toBeNull()
        ->and($tiles->eq(2)->attr('href'))->toBeNull()
        // Nothing is shown by a script then, and nothing is said to it.
        ->and(($this->file)('/kites'))->not->toContain('data-viewer="{')->not->toContain('data-files');
    ($this->click)($this->items, null)->assertOk();
    ($this->set)(['click' => ['act' => 'file', 'new_tab' => false]]);
    $tiles = ($this->tiles)();
    expect($tiles->eq(0)->attr('href'))->toMatch('~^/media/[0-9a-f]{24}/300\.jpg$~')->and($tiles->eq(0)->attr('data-act'))->toBe('file');
    $this->get($tiles->eq(0)->attr('href'))->assertOk();
});

it('makes a page for each picture, which plain links lead to, and takes them away again', function (): void {
    $this->change($this->gallery->refresh(), ['kind' => 'words', 'words' => [
        $this->items[0] => ['title' => 'Red </script><b>sail', 'caption' => 'Low & slow', 'alt' => 'A sail', 'credit' => 'M. Reed'], $this->items[1] => ['title' => 'Dawn'],
    ]])->assertOk();
    Picture::query()->where('id', $this->gallery->items()->orderBy('position')->first()->picture_id)->update(['camera' => 'Plain Box', 'taken_at' => '2026-05-03 10:00:00', 'rights' => 'Saltreed', 'place' => 'Long Marsh']);
    ($this->set)(['giving' => ['pages' => true], 'words' => ['camera' => true, 'date' => true, 'rights' => true]]);
    $address = ($this->tiles)()->eq(0)->attr('href');
    expect($address)->toMatch('~^/pictures/[0-9a-z]{12}/[0-9a-z]{8}$~');
    $html = ($this->file)($address);
    $page = new Crawler($html);
    $meta = static fn (string $name): ?string => $page->filter("meta[name='{$name}'],meta[property='{$name}']")->attr('content');
    expect($page->filter('h1')->text())->toBe('Red </script><b>sail')->and($page->filter('.zp-facts')->text())->toBe('3 May 2026 · Plain Box · © Saltreed')
        ->and($meta('description'))->toBe('Low & slow')->and($meta('og:title'))->toBe('Red </script><b>sail')->and($meta('og:image'))->toStartWith('http')->and($meta('og:image:alt'))->toBe('A sail')
        ->and($page->filter('link[rel=canonical]')->attr('href'))->toBe(config('app.url').$address)->and($html)->not->toContain('Long Marsh');
    $data = json_decode($page->filter('script[type="application/ld+json"]')->text(null, false), true);
    expect($data)->toMatchArray(['@type' => 'ImageObject', 'name' => 'Red </script><b>sail', 'description' => 'Low & slow', 'creditText' => 'M. Reed', 'copyrightNotice' => 'Saltreed', 'dateCreated' => '2026-05-03', 'width' => 300]);
    // All that it leads to is there: neighbours, back, the large file.
    $around = $page->filter('.zp-around a')->each(static fn (Crawler $link): array => [$link->text(), $link->attr('href'), $link->attr('rel')]);
    expect(array_column($around, 0))->toBe(['Next: Dawn', 'Back to Kites'])->and($around[1][1])->toBe('/kites');
    $second = new Crawler(($this->file)($around[0][1]));
    expect($second->filter('.zp-around a')->each(static fn (Crawler $link): string => (string) $link->attr('rel')))->toBe(['prev', 'next', 'up'])
        ->and($second->filter('.zp-around a')->eq(0)->attr('href'))->toBe($address);
    $this->get(parse_url($meta('og:image'), PHP_URL_PATH))->assertOk();
    // The gallery's rule alone makes pages too; and none are left when nothing asks for them.
    ($this->set)(['giving' => ['pages' => false], 'click' => ['act' => 'page']]);
    expect(($this->tiles)()->eq(0)->attr('href'))->toBe($address);
    ($this->set)(['click' => ['act' => 'large']]);
    ($this->live)();
    $this->get($address)->assertNotFound();
    $this->get('/pictures/../x/y')->assertNotFound();
});

it('gives the original only where it is offered, by no address where it is not', function (string $download, string $stem): void {
    $picture = ($this->original)($this->pictureFile('jpg', 640, 480, 5));
    $bytes = fn (string $address): string => ($this->file)($address);
    $address = "/media/{$picture->rendition_key}/{$stem}.jpg";
    ($this->live)();
    $this->app['auth']->guard('web')->forgetUser();
    $this->get($address)->assertNotFound();
    $this->actingAs(\App\Models\User::query()->sole());
    ($this->set)(['giving' => ['download' => $download]]);
    $tile = ($this->tiles)()->eq(3);
    expect([$tile->attr('data-get'), $tile->attr('href')])->toBe([$address, $address])->and($tile->attr('data-name'))->toEndWith('.jpg');
    $this->app['auth']->guard('web')->forgetUser();
    $this->get($address)->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    expect(getimagesizefromstring($bytes($address))[0])->toBe(640);
    foreach (array_diff(['original', 'without-place'], [$stem]) as $other) {
        $this->get("/media/{$picture->rendition_key}/{$other}.jpg")->assertNotFound();
    }
    $this->actingAs(\App\Models\User::query()->sole());
    ($this->set)(['giving' => ['download' => 'large']]);
    $tile = ($this->tiles)()->eq(3);
    expect($tile->attr('data-get'))->toMatch('~/640\.jpg$~');
    $this->app['auth']->guard('web')->forgetUser();
    $this->get($address)->assertNotFound();
})->with(['as it is' => ['original', 'original'], 'without its place' => ['stripped', 'without-place']]);

it('takes the place out of a file and nothing else, and leaves the original as it came', function (): void {
    $path = $this->pictureFile('jpg', 320, 240, 6);
    $tags = ['-GPSLatitude=53.5', '-GPSLatitudeRef=N', '-GPSLongitude=8.1', '-GPSLongitudeRef=E', '-XMP-photoshop:City=Long Marsh', '-IPTC:City=Long Marsh', '-XMP-iptcCore:Location=Gull Sluice', '-IFD0:Model=Box', '-ExifIFD:LensModel=Plain 35', '-ExifIFD:FNumber=4', '-ExifIFD:ExposureTime=0.004', '-ExifIFD:ISO=200', '-ExifIFD:FocalLength=35', '-XMP-dc:Title=Sail'];
    exec('exiftool -q -overwrite_original '.implode(' ', array_map(escapeshellarg(...), [...$tags, $path])), $out, $status);
    expect($status)->toBe(0);
    $before = (string) file_get_contents($path);
    $picture = ($this->original)($path);
    expect([$picture->place, $picture->lens, $picture->exposure])->toBe(['Gull Sluice, Long Marsh', 'Plain 35', 'f/4, 1/250 s, ISO 200, 35 mm']);
    ($this->set)(['giving' => ['download' => 'stripped']]);
    ($this->live)();
    $given = "{$this->files}/given.jpg";
    file_put_contents($given, ($this->file)("/media/{$picture->rendition_key}/without-place.jpg"));
    $read = static fn (string $file): array => json_decode((string) shell_exec('exiftool -json -G1 -n '.escapeshellarg($file)), true)[0];
    $told = $read($given);
    expect(json_encode($told))->not->toContain('Long Marsh')->not->toContain('Gull Sluice')->not->toContain('GPS')
        ->and([$told['IFD0:Model'], $told['ExifIFD:LensModel'], $told['XMP-dc:Title']])->toBe(['Box', 'Plain 35', 'Sail'])
        // Pixel for pixel the same.
        ->and(imagecreatefromjpeg($given) !== false && $this->vips('copy', $given, "{$this->files}/a.png") && $this->vips('copy', $path, "{$this->files}/b.png"))->toBeTrue();
    $pixels = static fn (string $png): string => hash('xxh128', implode(',', array_map(static fn (int $at): string => (string) imagecolorat(imagecreatefrompng($png), $at % 320, intdiv($at, 320)), range(0, 320 * 240 - 1, 997))));
    expect($pixels("{$this->files}/a.png"))->toBe($pixels("{$this->files}/b.png"))
        ->and(file_get_contents(\Illuminate\Support\Facades\Storage::disk('originals')->path($picture->originalPath())))->toBe($before);
    // The place by name is told to visitors only where that is asked for.
    expect(($this->file)('/kites'))->not->toContain('Gull Sluice');
    ($this->set)(['words' => ['location' => true, 'camera' => true, 'exposure' => true], 'giving' => ['download' => 'none']]);
    expect(($this->tiles)()->eq(3)->attr('data-facts'))->toBe('Gull Sluice, Long Marsh · Box, Plain 35 · f/4, 1/250 s, ISO 200, 35 mm');
});

it('takes the words of a video beside its file, shows them with it, and refuses what are none', function (): void {
    $video = ($this->original)(base_path('tests/Feature/files/clip.mp4'));
    $poster = ($this->original)($this->pictureFile('jpg', 320, 240, 8));
    $this->patchJson("/studio/api/pictures/{$video->id}", ['poster' => $poster->id])->assertOk();
    $words = function (string $name, string $text): string {
        file_put_contents($path = "{$this->files}/{$name}", $text);

        return $path;
    };
    $vtt = "WEBVTT\n\n00:00.000 --> 00:01.000\nOff it goes.\n";
    $count = $this->gallery->items()->count();
    $this->upload($this->gallery, $words('clip.de.vtt', "\u{FEFF}".str_replace("\n", "\r\n", $vtt)), 'clip.de.vtt')->assertOk()->assertJsonPath('picture.id', $video->id)->assertSee('go with it now');
    expect($video->refresh()->track)->toBe($vtt)->and($this->gallery->items()->count())->toBe($count);
    $this->upload($this->gallery, $words('other.vtt', $vtt), 'other.vtt')->assertStatus(422)->assertSee('no video of the same name');
    $this->upload($this->gallery, $words('clip.vtt', "WEBVTT\n\nhello\n"), 'clip.vtt')->assertStatus(422)->assertSee('no line with times');
    $this->upload($this->gallery, $words('clip.vtt', "<script>1</script>\nWEBVTT"), 'clip.vtt')->assertStatus(422);
    $track = "/media/{$video->rendition_key}/words.vtt";
    ($this->live)();
    $this->app['auth']->guard('web')->forgetUser();
    expect(($this->file)('/kites'))->toContain("data-track=\"{$track}\"")->and(($this->file)($track))->toBe($vtt);
    $this->get($track)->assertHeader('Content-Type', 'text/vtt; charset=UTF-8')->assertHeader('Access-Control-Allow-Origin', '*')->assertHeader('X-Content-Type-Options', 'nosniff');
});

it('speaks to visitors in the language of the page, and to those of embeds in theirs', function (): void {
    Site::query()->sole()->update(['shell' => str_replace('<html>', '<html lang="de">', Site::query()->sole()->shell)]);
    ($this->set)(['click' => ['hint' => 'above']]);
    ($this->live)();
    expect(($this->file)('/kites'))->toContain('Ein Bild anklicken, um es zu vergrößern')->toContain('Nächstes Bild')
        ->and(json_decode(($this->file)("/embed/{$this->gallery->id}.de.json"), true)['html'])->toContain('Nächstes Bild')
        ->and(json_decode(($this->file)("/embed/{$this->gallery->id}.en.json"), true)['html'])->toContain('Next picture')
        ->and(json_decode(($this->file)("/embed/{$this->gallery->id}.json"), true)['html'])->toContain('Next picture');
    // Own words stand as they are, whatever they hold.
    ($this->set)(['click' => ['hint' => 'pointed', 'hint_says' => '"}</style> Tippen']]);
    ($this->live)();
    $html = ($this->file)('/kites');
    expect(substr_count($html, '</style>'))->toBe(substr_count($html, '<style'))->and($html)->toContain('Tippen"');
});
