<?php

declare(strict_types=1);

use App\Actions\PrepareGallery;
use App\Actions\QueueMissingRenditions;
use App\Actions\StaleVersionException;
use App\Jobs\MakeRenditions;
use App\Models\Body;
use App\Models\Gallery;
use App\Models\Page;
use App\Models\Site;
use App\Pages\PartsOfHtml;
use App\Publishing\LiveFiles;
use App\Publishing\LiveSite;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->kites = Page::query()->where('slug', 'kites')->sole();
    $this->gallery = $this->galleryOf(2);
    $this->place = fn (int $spot, ?string $gallery = null) => $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $gallery ?? $this->gallery->id, 'spot' => $spot]);
    $this->live = fn ($gallery = null) => $this->putLive($gallery ?? $this->gallery);
    $this->page = fn (string $path): string => (string) $this->get($path)->assertOk()->baseResponse->getFile()->getContent();
    $this->asVisitor = function (): void {
        $this->app['auth']->guard('web')->forgetUser();
    };
});

it('puts a gallery on its page, between the blocks it was placed between', function (): void {
    ($this->place)(1)->assertCreated();
    $this->patchJson("/studio/api/pages/{$this->kites->id}", ['menu_label' => 'Our kites'])->assertNoContent();
    $told = $this->getJson("/studio/api/galleries/{$this->gallery->id}")->json('live');
    expect($told['changes'])->toBe(['first time live', 'Home: a new page', 'Kites: a new page', "Kites: “{$this->gallery->title}” appears after “One”, wide"])
        ->and($told['pages'])->toContain(['id' => $this->kites->id, 'title' => 'Kites', 'address' => '/kites', 'changes' => array_map(fn (string $words): string => substr($words, 7), array_slice($told['changes'], 2))]);
    $this->get('/kites')->assertNotFound();
    ($this->live)()->assertOk()->assertJsonPath('live.changes', []);
    ($this->asVisitor)();
    $html = ($this->page)('/kites');
    expect($html)->toMatch('~<h1>One</h1>\s*<div class="zp-pane [^>]+><div class="zp .*</div></div>\s*<p>Two</p>~s')
        ->toContain('<a href="/kites" aria-current="page">Our kites</a>')->toContain('container-type:inline-size');
    preg_match_all('~(?:src|href)="(/(?:media|assets)/[^"]+)"~', $html, $found);
    foreach (array_unique($found[1]) as $address) {
        $headers = $this->get($address)->assertOk()->headers;
        expect($headers->get('Cache-Control'))->toContain('immutable')->and($headers->get('Set-Cookie'))->toBeNull();
    }
});

it('makes what files visitors lack bit by bit, and is live only when all are there', function (): void {
    $this->gallery = $this->galleryOfUploads(2);
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['kind' => 'rows']]])->assertOk();
    $lacking = fn (): int => count(app(QueueMissingRenditions::class)->lacking($this->gallery->fresh(Gallery::ITEMS)));
    expect($lacking())->toBe(2)
        ->and(app(PrepareGallery::class)->handle($this->gallery->id, null, 0.0))->toBe(1)->and($lacking())->toBe(1)
        ->and(fn () => app(PrepareGallery::class)->handle($this->gallery->id, 1, 0.0))->toThrow(StaleVersionException::class);
    $this->get("/embed/{$this->gallery->id}.json")->assertNotFound();
    ($this->live)()->assertOk();
    expect($lacking())->toBe(0);
});

it('begins to make the files that another size of tiles, a placement or a layout asks for', function (string $act): void {
    $this->gallery = $this->emptyGallery();
    $this->upload($this->gallery, $this->pictureFile('jpg', 2400, 1600))->assertCreated();
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['kind' => 'grid', 'columns' => 12, 'phone' => ['columns' => 6]], 'viewer' => ['click' => ['act' => 'file']]]])->assertOk();
    ($this->place)(1)->assertCreated();
    ($this->live)()->assertOk();
    $pane = '/studio/api/panes/'.$this->gallery->panes()->sole()->id;
    Queue::fake([MakeRenditions::class]);
    match ($act) {
        'resize' => $this->patchJson($pane, ['exceptions' => ['tile_size' => 'very-large']])->assertNoContent(),
        'layout' => $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['kind' => 'single']]])->assertOk(),
        // What is seen large needs files for every window.
        'click' => $this->change($this->gallery, ['kind' => 'click', 'items' => [$this->gallery->items()->sole()->id], 'click' => 'large'])->assertOk(),
        'none' => $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Other']])->assertOk(),
    };
    Queue::assertPushed(MakeRenditions::class, $act === 'none' ? 0 : 1);
})->with(sample(['resize', 'none', 'layout', 'click'], 2));

it('shows visitors nothing of a draft', function (): void {
    ($this->place)(1);
    ($this->live)()->assertOk();
    $before = ($this->page)('/kites');
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['columns' => 7]]])->assertOk();
    $late = $this->upload($this->gallery, $this->pictureFile('jpg', 320, 200, 99))->assertCreated()->json('picture.thumbnail');
    $draft = $this->galleryOf(1, 50);
    $this->get($late)->assertOk()->assertHeader('Cache-Control', 'max-age=3600, private');
    ($this->asVisitor)();
    expect(($this->page)('/kites'))->toBe($before);
    $this->get($late)->assertNotFound();
    $this->get("/embed/{$draft->id}.json")->assertNotFound();
    foreach (["proof/{$this->gallery->id}", "preview/{$this->kites->id}", 'site.css'] as $path) {
        $this->get("/studio/{$path}")->assertRedirect('/studio/sign-in');
    }
    foreach (['galleries', "galleries/{$this->gallery->id}", 'pages'] as $path) {
        $this->getJson("/studio/api/{$path}")->assertUnauthorized()->assertJsonPath('code', 'not-signed-in');
    }
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'x']], 1)->assertUnauthorized();
    $this->upload($this->gallery, $this->pictureFile())->assertUnauthorized();
});

it('never releases the files of what is hidden, until it is shown', function (): void {
    [$hidden, $shown] = $this->gallery->items()->with('picture')->orderBy('position')->get()->all();
    $this->change($this->gallery, ['kind' => 'hide', 'items' => [$hidden->id], 'hidden' => true])->assertOk();
    ($this->live)()->assertOk();
    $released = fn (): array => array_map(basename(...), glob("{$this->files}/live/media/*"));
    expect($released())->toBe([$shown->picture->rendition_key]);
    ($this->asVisitor)();
    foreach (array_keys($hidden->picture->refresh()->renditions) as $file) {
        $this->get("/media/{$hidden->picture->rendition_key}/{$file}")->assertNotFound();
    }
    expect(($this->page)("/embed/{$this->gallery->id}.json"))->not->toContain($hidden->picture->rendition_key);
    $this->actingAs(App\Models\User::query()->sole());
    $this->change($this->gallery, ['kind' => 'hide', 'items' => [$hidden->id], 'hidden' => false])->assertOk();
    // Saved is not live.
    expect($released())->toBe([$shown->picture->rendition_key]);
    ($this->live)()->assertOk();
    expect($released())->toEqualCanonicalizing([$shown->picture->rendition_key, $hidden->picture->rendition_key]);
});

it('shows a change at once, and a page that did not change costs no body', function (): void {
    ($this->place)(2);
    ($this->live)();
    $tag = $this->get('/kites')->headers->get('ETag');
    $this->get('/kites', ['If-None-Match' => $tag])->assertStatus(304);
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['columns' => 5]]])->assertJsonPath('live.changes', ['how many columns 3 to 5']);
    ($this->live)()->assertOk();
    $again = $this->get('/kites', ['If-None-Match' => $tag])->assertOk();
    expect($again->headers->get('Cache-Control'))->toContain('no-cache')->and($again->baseResponse->getFile()->getContent())->toContain('repeat(5,');
    $embed = $this->get("/embed/{$this->gallery->id}.json")->assertOk()->assertHeader('Access-Control-Allow-Origin', '*');
    $this->get("/embed/{$this->gallery->id}.json", ['If-None-Match' => $embed->headers->get('ETag')])->assertStatus(304);
});

it('tells what is not live, through undo and redo', function (): void {
    $step = fn (string $way) => $this->postJson("/studio/api/galleries/{$this->gallery->id}/{$way}", ['version' => $this->gallery->refresh()->version])->assertOk();
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Not this']]);
    $step('undo');
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'But this']]);
    ($this->live)()->assertJsonPath('live.changes', []);
    $step('undo')->assertJsonPath('live.changes', ['took back: renamed the gallery']);
    $step('redo')->assertJsonPath('live.changes', []);
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'And this']])->assertJsonPath('live.changes', ['renamed the gallery']);
});

it('shows tiles of another size in one place, and makes the files for them', function (mixed $size, string $told): void {
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['kind' => 'strip', 'height' => 200]]])->assertOk();
    ($this->place)(1);
    ($this->live)()->assertOk();
    $address = '/studio/api/panes/'.$this->gallery->panes()->sole()->id;
    $this->patchJson($address, ['exceptions' => ['tile_size' => $size]])->assertNoContent();
    expect($this->getJson("/studio/api/galleries/{$this->gallery->id}")->json('live.changes'))->toBe(["Kites: “{$this->gallery->title}”: tiles of another size"])
        ->and($this->get("/studio/preview/{$this->kites->id}?gallery={$this->gallery->id}")->getContent())->toContain($told)
        ->and($this->get("/studio/proof/{$this->gallery->id}")->getContent())->toContain('.zp-s0{height:200px}');
    ($this->live)()->assertOk()->assertJsonPath('live.changes', []);
    expect(($this->page)('/kites'))->toContain($told)->not->toContain('.zp-s0{height:200px}')
        ->and(($this->page)("/embed/{$this->gallery->id}.json"))->toContain('.zp-s0{height:200px}');
    foreach (['enormous', 79, 801, [], true, '1e3'] as $wrong) {
        $this->patchJson($address, ['exceptions' => ['tile_size' => $wrong]])->assertStatus(422)->assertJsonPath('field', 'tile_size');
    }
    $this->patchJson($address, [])->assertStatus(422);
    expect(($this->page)('/kites'))->toContain($told);
    $this->patchJson($address, ['exceptions' => ['tile_size' => null]])->assertNoContent();
    ($this->live)()->assertOk();
    expect(($this->page)('/kites'))->toContain('.zp-s0{height:200px}');
})->with([['large', '.zp-s0{height:500px}'], [640, '.zp-s0{height:640px}']]);

it('takes nobody\'s half-done work along', function (): void {
    $other = $this->galleryOf(1, 50);
    ($this->place)(0, $other->id);
    ($this->live)($other)->assertOk();
    $this->change($other, ['kind' => 'design', 'design' => ['layout' => ['columns' => 9]]])->assertOk();
    $this->deleteJson('/studio/api/panes/'.$other->panes()->sole()->id)->assertNoContent();
    ($this->place)(2);
    ($this->live)()->assertOk();
    $html = ($this->page)('/kites');
    expect(substr_count($html, '<ul class="zp-tiles zp-s0"'))->toBe(2)->and($html)->not->toContain('repeat(9,');
});

it('puts a host before every address of an embed and before nothing else', function (): void {
    ($this->live)();
    $embed = json_decode(($this->page)("/embed/{$this->gallery->id}.json"), true);
    expect(preg_match_all('~/media/~', $embed['html']))->toBe(preg_match_all('~\{\{host\}\}/media/~', $embed['html']))
        ->and($embed['css'])->not->toContain('/media/');
});

it('swaps in one rename and leaves no half of a page behind', function (): void {
    ($this->place)(1);
    ($this->live)();
    foreach (range(1, 3) as $columns) {
        $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['columns' => $columns + 3]]]);
        ($this->live)()->assertOk();
    }
    $live = "{$this->files}/live";
    expect(is_link("{$live}/current"))->toBeTrue()->and(glob("{$live}/.next-*"))->toBe([])
        ->and(count(glob("{$live}/builds/*")))->toBe(2)
        ->and(readlink("{$live}/current"))->toStartWith('builds/');
});

it('goes back to what the database calls live, where visitors get another, and never to what is gone', function (): void {
    $shown = fn (): string => (string) readlink("{$this->files}/live/current");
    ($this->place)(1);
    ($this->live)();
    $before = $shown();
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Other']])->assertOk();
    ($this->live)()->assertOk();
    $now = $shown();
    app(LiveSite::class)->settle();
    expect($shown())->toBe($now)->not->toBe($before);
    app(LiveFiles::class)->show($before);
    expect($shown())->toBe($before);
    app(LiveSite::class)->settle();
    expect($shown())->toBe($now);
    Site::query()->update(['build' => 'gone']);
    app(LiveSite::class)->settle();
    expect($shown())->toBe($now);
});

it('shows at once what another process put live', function (): void {
    $live = "{$this->files}/live";
    foreach (['old', 'new'] as $build) {
        mkdir("{$live}/builds/{$build}/pages", 0o755, true);
        file_put_contents("{$live}/builds/{$build}/pages/kites.html", "the {$build} page");
    }
    symlink('builds/old', "{$live}/current");
    expect($this->get('/kites')->assertOk()->streamedContent())->toBe('the old page');
    // Not by PHP's own rename(), which would make this process forget where the link led.
    exec('ln -s builds/new '.escapeshellarg("{$live}/next").' && mv -T '.escapeshellarg("{$live}/next").' '.escapeshellarg("{$live}/current"), $out, $status);
    expect($status)->toBe(0)
        ->and($this->get('/kites')->assertOk()->streamedContent())->toBe('the new page');
});

it('refuses a spot the page does not have, and a page or gallery there is not', function (): void {
    ($this->place)(3)->assertStatus(422)->assertJsonPath('code', 'page-not-possible')->assertJsonPath('field', 'spot')->assertSee('0 to 2');
    ($this->place)(-1)->assertStatus(422);
    ($this->place)(1, 'nothing')->assertStatus(422);
    $this->patchJson("/studio/api/pages/{$this->kites->id}", ['menu_label' => str_repeat('x', 41)])->assertStatus(422)->assertJsonPath('field', 'menu_label');
    $this->patchJson("/studio/api/pages/{$this->kites->id}", ['menu_label' => ''])->assertStatus(422);
    expect($this->kites->panes()->count())->toBe(0)->and($this->kites->refresh()->menu_label)->toBeNull();
});

it('lets of a proof run what visitors run, and nothing else', function (): void {
    $this->kites->update(['body' => Body::ofParts(PartsOfHtml::of(['<p onclick="evil()">One</p>', '<script>evil()</script>']))]);
    ($this->place)(1)->assertCreated();
    $answer = $this->get("/studio/proof/{$this->gallery->id}")->assertOk();
    preg_match_all('~<script[^>]*>(.*?)</script>~s', $answer->getContent(), $scripts);
    $policy = (string) $answer->headers->get('Content-Security-Policy');
    $allowed = array_values(array_filter($scripts[1], static fn (string $script): bool => str_contains($policy, "'sha256-".base64_encode(hash('sha256', $script, true))."'")));
    expect($allowed)->toBe(['/* zinc-pane-viewer <\\/script> */', '/* zinc-pane <\\/script> */', '/* zinc-pane-arrival <\\/script> */'])->and(count($scripts[1]))->toBe(4)
        ->and($policy)->toMatch("/script-src( 'sha256-[^ ;]+'){4};/")->toContain('sandbox allow-same-origin allow-scripts')->toContain("form-action 'none'")
        ->and($answer->headers->get('Cache-Control'))->toContain('no-store');
    $preview = $this->get("/studio/preview/{$this->kites->id}?gallery={$this->gallery->id}")->assertOk();
    expect($preview->headers->get('Content-Security-Policy'))->toContain("script-src 'none'")->toContain("form-action 'none'");
});

it('shows a gallery that stands nowhere on a page made up for it, alive as well', function (): void {
    $proof = $this->get("/studio/proof/{$this->gallery->id}")->assertOk()->getContent();
    expect($proof)->toContain('<h1>Kites</h1>')->toContain('/* zinc-pane <\\/script> */')->toContain('<nav>');
});

it('finds nothing outside the live folder', function (string $path): void {
    ($this->live)();
    ($this->asVisitor)();
    $this->get($path)->assertNotFound();
})->with(['/assets/../pages/kites.html', '/assets/..%2fpages%2fkites.html', '/embed/..%2f..%2f..json', '/media/'.str_repeat('a', 24).'/540.webp', '/robots', '/kites/../../.env']);
