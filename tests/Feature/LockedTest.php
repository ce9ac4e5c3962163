<?php

declare(strict_types=1);

use App\Access\Opening;
use App\Models\Gallery;
use App\Models\Page;
use App\Publishing\ChangeGuard;
use App\Publishing\LockedFiles;
use App\Publishing\LockedPages;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use ZincPane\Core\Access\GalleryLock;
use ZincPane\Core\Markup\LockedParts;

covers(Opening::class, ChangeGuard::class, LockedPages::class, LockedFiles::class, LockedParts::class, GalleryLock::class);

/* A locked gallery: in reach of who has its password, in every form, and of nobody else. */

const KEY = 'seven grey herons';

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->page = Page::query()->where('slug', 'kites')->sole();
    /** Live on a page with all that a gallery can give away. */
    $this->given = function (int $count, int $seed = 1): Gallery {
        $gallery = $this->galleryOf($count, $seed);
        $words = $gallery->items()->get()->mapWithKeys(static fn ($item, int $n): array => [$item->id => ['title' => "Heron {$n}", 'caption' => 'At the sluice']])->all();
        $this->patchJson("/studio/api/galleries/{$gallery->id}", ['version' => $gallery->version, 'change' => ['kind' => 'words', 'words' => $words]])->assertOk();
        $this->patchJson("/studio/api/galleries/{$gallery->id}", ['version' => $gallery->refresh()->version, 'change' => ['kind' => 'design', 'design' => ['viewer' => ['giving' => ['download' => 'original', 'pages' => true]]]]])->assertOk();
        $this->postJson('/studio/api/panes', ['page_id' => $this->page->id, 'gallery_id' => $gallery->id, 'spot' => 1])->assertCreated();
        $this->putLive($gallery->refresh())->assertOk();

        return $gallery->refresh();
    };
    $this->lock = fn (Gallery $gallery, mixed $password = KEY, mixed $hours = null) => $this->putJson("/studio/api/galleries/{$gallery->id}/lock", ['password' => $password, ...($hours === null ? [] : ['hours' => $hours])]);
    /** As somebody who is not of the studio. */
    $this->stranger = function (string $path, array $cookies = []): TestResponse {
        $this->app['auth']->forgetGuards();

        return $this->call('GET', $path, [], $cookies);
    };
    $this->unlock = function (Gallery $gallery, string $password, string $back = '/kites'): TestResponse {
        $this->app['auth']->forgetGuards();

        return $this->call('POST', "/unlock/{$gallery->id}", ['password' => $password, 'back' => $back]);
    };
    $this->cookie = fn (TestResponse $answer): array => [Opening::COOKIE => $answer->getCookie(Opening::COOKIE, false)->getValue()];
    $this->said = static fn (TestResponse $answer): string => method_exists($answer->baseResponse, 'getFile') ? (string) file_get_contents((string) $answer->baseResponse->getFile()) : (string) $answer->getContent();
    /** Every address that any file of the gallery was ever under, by what lies on the disk. */
    $this->addresses = function (Gallery $gallery): array {
        $addresses = ["/embed/{$gallery->id}", "/embed/{$gallery->id}.json", "/embed/{$gallery->id}.de.json", "/embed/{$gallery->id}.en.json", "/guarded/embed/{$gallery->id}.json", '/guarded/pages/kites.html', "/guarded/files/{$gallery->id}.json", '/oembed?url='.urlencode(config('app.url')."/embed/{$gallery->id}"), '/oembed?url='.urlencode(config('app.url').'/kites').'&format=xml'];
        foreach ($gallery->items()->with('picture')->get() as $item) {
            $key = $item->picture->rendition_key;
            $addresses[] = '/pictures/'.substr($gallery->id, -12).'/'.substr(strtolower($item->id), -8);
            foreach ([...array_map(basename(...), glob("{$this->files}/renditions/".substr($key, 0, 2)."/{$key}/*")), 'original.jpg', 'without-place.jpg', 'video.mp4', 'words.vtt'] as $file) {
                $addresses[] = "/media/{$key}/{$file}";
            }
        }

        return $addresses;
    };
});

it('gives nothing of forty pictures in any form to who has no password, and all of it to who has', function (): void {
    $gallery = ($this->given)(40);
    $addresses = ($this->addresses)($gallery);
    $open = array_filter($addresses, fn (string $address): bool => ($this->stranger)($address)->getStatusCode() === 200);
    expect(count($open))->toBeGreaterThan(200);
    $this->actingAs($this->app['auth']->getProvider()->retrieveByCredentials(['email' => 'owner@saltreed.example']));
    ($this->lock)($gallery)->assertNoContent();
    $leaks = [];
    foreach ([...$addresses, '/', '/kites'] as $address) {
        $answer = ($this->stranger)($address);
        $said = ($this->said)($answer);
        if (str_contains($said, 'Heron') || str_contains($said, 'sluice') || str_contains($said, '/media/') || (str_starts_with($address, '/media/') && $answer->getStatusCode() === 200)) {
            $leaks[] = $address;
        }
    }
    expect($leaks)->toBe([])->and(glob("{$this->files}/live/media/*/*"))->toBe([]);
    expect(($this->said)(($this->stranger)("/embed/{$gallery->id}.json")))->toContain('locked');
    // The page asks for it, and the right one opens all.
    $page = ($this->said)(($this->stranger)('/kites'));
    expect($page)->toContain('This gallery is locked.')->toContain("action=\"/unlock/{$gallery->id}\"");
    ($this->unlock)($gallery, 'seven grey heron')->assertStatus(422)->assertSee('This is not the password.')->assertCookieMissing(Opening::COOKIE);
    $answer = ($this->unlock)($gallery, KEY)->assertStatus(303)->assertRedirect('/kites');
    $key = ($this->cookie)($answer);
    $seen = ($this->stranger)('/kites', $key)->assertOk()->assertHeader('Cache-Control', 'no-store, private');
    preg_match_all('~/media/[0-9a-f]{24}/\d+\.(?:webp|jpg)~', (string) $seen->getContent(), $media);
    expect(array_unique($media[0]))->not->toBe([])->and((string) $seen->getContent())->toContain('Heron 39')->not->toContain('zp-locked');
    foreach (array_slice(array_unique($media[0]), 0, 60) as $address) {
        ($this->stranger)($address, $key)->assertOk()->assertHeader('Cache-Control', 'no-store, private');
    }
    foreach (preg_grep('~^/pictures/~', $addresses) as $address) {
        ($this->stranger)($address, $key)->assertOk()->assertSee('Heron');
    }
    ($this->stranger)("/media/{$gallery->items()->with('picture')->first()->picture->rendition_key}/original.jpg", $key)->assertOk();
});

it('opens one gallery and not another, for its hours, and no longer once the password is another one', function (): void {
    [$one, $other] = [($this->given)(2), ($this->given)(2, 40)];
    ($this->lock)($one, KEY, 2)->assertNoContent();
    ($this->lock)($other, 'nine white egrets')->assertNoContent();
    $picture = static fn (Gallery $gallery): string => $gallery->items()->with('picture')->first()->picture->address().'/540.webp';
    [$first, $second] = ["/media/{$one->items()->with('picture')->first()->picture->rendition_key}/240.webp", "/media/{$other->items()->with('picture')->first()->picture->rendition_key}/240.webp"];
    $key = ($this->cookie)(($this->unlock)($one, KEY));
    ($this->stranger)($first, $key)->assertOk();
    ($this->stranger)($second, $key)->assertNotFound();
    $page = (string) ($this->stranger)('/kites', $key)->getContent();
    expect($page)->toContain(substr($first, 0, 31))->not->toContain(substr($second, 0, 31))->toContain("/unlock/{$other->id}");
    // The second beside the first.
    $this->app['auth']->forgetGuards();
    $both = ($this->cookie)($this->call('POST', "/unlock/{$other->id}", ['password' => 'nine white egrets', 'back' => '//evil.example/'], $key)->assertRedirect('/'));
    ($this->stranger)($first, $both)->assertOk();
    ($this->stranger)($second, $both)->assertOk();
    // Signed for another gallery, another time, or by nobody.
    [$id, $until, $sign] = explode('.', $key[Opening::COOKIE]);
    foreach (["{$other->id}.{$until}.{$sign}", "{$id}.".((int) $until + 60).".{$sign}", "{$id}.{$until}.".str_repeat('0', 64), "{$id}.{$until}", '~~~', str_repeat('x', 9000)] as $forged) {
        ($this->stranger)($first, [Opening::COOKIE => $forged])->assertNotFound();
    }
    $this->travel(119)->minutes();
    ($this->stranger)($first, $key)->assertOk();
    $this->travel(2)->minutes();
    ($this->stranger)($first, $key)->assertNotFound();
    expect((string) ($this->stranger)('/kites', $both)->getContent())->toContain("/unlock/{$one->id}")->toContain(substr($second, 0, 31));
    // Another password shuts it at once; none opens it for all, at once.
    $this->actingAs($this->app['auth']->getProvider()->retrieveByCredentials(['email' => 'owner@saltreed.example']));
    ($this->lock)($other, 'ten brown bitterns')->assertNoContent();
    ($this->stranger)($second, $both)->assertNotFound();
    ($this->unlock)($other, 'nine white egrets')->assertStatus(422);
    $this->actingAs($this->app['auth']->getProvider()->retrieveByCredentials(['email' => 'owner@saltreed.example']));
    $this->deleteJson("/studio/api/galleries/{$other->id}/lock")->assertNoContent();
    ($this->stranger)($second)->assertOk();
    expect(($this->said)(($this->stranger)('/kites')))->toContain(substr($second, 0, 31))->not->toContain("/unlock/{$other->id}");
});

it('stays locked when it is put live, when an earlier edition is, and when it comes back', function (): void {
    $gallery = ($this->given)(2);
    $media = fn (): array => glob("{$this->files}/live/media/*/*");
    expect($media())->not->toBe([]);
    ($this->lock)($gallery)->assertNoContent();
    expect($media())->toBe([]);
    $edition = $gallery->edition_id;
    $this->patchJson("/studio/api/galleries/{$gallery->id}", ['version' => $gallery->refresh()->version, 'change' => ['kind' => 'about', 'about' => ['title' => 'Herons at dusk']]])->assertOk();
    $this->putLive($gallery->refresh())->assertOk();
    expect($media())->toBe([]);
    $this->postJson("/studio/api/editions/{$edition}/live")->assertOk();
    expect($media())->toBe([]);
    $this->postJson("/studio/api/galleries/{$gallery->id}/offline")->assertOk();
    $this->putLive($gallery->refresh())->assertOk();
    expect($media())->toBe([]);
    $this->deleteJson("/studio/api/galleries/{$gallery->id}/lock")->assertNoContent();
    expect($media())->not->toBe([]);
});

it('leaves in reach what an open gallery shows too', function (): void {
    $open = ($this->given)(1);
    $locked = ($this->given)(1, 20);
    $shared = $open->items()->with('picture')->first()->picture;
    $this->postJson("/studio/api/galleries/{$locked->id}/items", ['pictures' => [$shared->id]])->assertCreated();
    $this->putLive($locked->refresh())->assertOk();
    ($this->lock)($locked)->assertNoContent();
    ($this->stranger)("/media/{$shared->rendition_key}/240.webp")->assertOk();
});

it('holds up who tries, by gallery and by address, and tells when to come again', function (): void {
    $gallery = ($this->given)(1);
    ($this->lock)($gallery)->assertNoContent();
    for ($try = 0; $try < 5; $try++) {
        ($this->unlock)($gallery, "no {$try}")->assertStatus(422);
    }
    $held = ($this->unlock)($gallery, KEY)->assertStatus(429)->assertSee('That were many tries.');
    expect((int) $held->headers->get('Retry-After'))->toBeGreaterThan(0)->toBeLessThanOrEqual(60)->and($held->getCookie(Opening::COOKIE, false))->toBeNull();
    // Another address is not held up by it, until all together are too many.
    $from = fn (string $address, string $password): int => $this->call('POST', "/unlock/{$gallery->id}", ['password' => $password], [], [], ['REMOTE_ADDR' => $address])->getStatusCode();
    expect($from('198.51.100.7', KEY))->toBe(303);
    for ($n = 0; $n < 115; $n++) {
        $from('203.0.113.'.($n + 1), 'no');
    }
    expect($from('203.0.113.250', KEY))->toBe(429);
    $this->travel(61)->minutes();
    expect($from('203.0.113.250', KEY))->toBe(303);
    // What is locked, and whether, cannot be told apart by trying.
    $this->travel(61)->minutes();
    expect($from('198.51.100.9', 'x'))->toBe(422)->and($this->call('POST', '/unlock/'.str_repeat('0', 26), ['password' => 'x'], [], [], ['REMOTE_ADDR' => '198.51.100.9'])->getStatusCode())->toBe(422);
});

it('refuses passwords that are tried first, and hours that are none', function (mixed $password, mixed $hours, string $field): void {
    ($this->lock)($this->emptyGallery(), $password, $hours)->assertStatus(422)->assertJsonPath('field', $field)->assertJsonPath('code', 'access-not-possible');
})->with([
    'too short' => ['herons', null, 'password'], 'nothing' => [null, null, 'password'], 'a list' => [['herons herons'], null, 'password'], 'one pattern' => ['abababababab', null, 'password'],
    'too long' => [str_repeat('abcdef', 40), null, 'password'], 'no hours' => [KEY, 0, 'hours'], 'too many' => [KEY, 9999, 'hours'], 'words' => [KEY, 'always', 'hours'],
]);

it('keeps the password where nobody reads it', function (): void {
    $gallery = ($this->given)(1);
    ($this->lock)($gallery)->assertNoContent();
    expect((string) $this->getJson("/studio/api/galleries/{$gallery->id}/elsewhere")->getContent())->not->toContain('heron')->not->toContain('$2y$')
        ->and(Gallery::query()->find($gallery->id)->toArray())->not->toHaveKey('lock_hash')
        ->and(DB::table('galleries')->value('lock_hash'))->not->toContain('heron');
});

it('parts a page by its marks, whatever is between them', function (): void {
    [$a, $b] = [str_repeat('a', 26), str_repeat('b', 26)];
    $page = 'one'.LockedParts::around($a, 'INSIDE a', 'form a').'two'.LockedParts::around($b, 'INSIDE b', '').'three';
    expect(LockedParts::for($page, []))->toBe('oneform atwothree')
        ->and(LockedParts::for($page, [$a]))->toBe('oneINSIDE atwothree')
        ->and(LockedParts::for($page, [$b]))->toBe('oneform atwoINSIDE bthree')
        ->and(LockedParts::for($page, [$a, $b, 'c']))->toBe('oneINSIDE atwoINSIDE bthree')
        ->and(LockedParts::for("x<!--zp-locked {$a}-->never ended {$a}", [$a]))->toBe('x')
        ->and(LockedParts::has('plain'))->toBeFalse()->and(LockedParts::for('plain', [$a]))->toBe('plain');
});
