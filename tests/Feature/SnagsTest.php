<?php

declare(strict_types=1);

use App\Actions\MeanSnag;
use App\Models\Body;
use App\Models\Gallery;
use App\Models\MeantSnag;
use App\Models\Page;
use App\Models\Picture;
use App\Models\PictureState;
use App\Models\Site;
use App\Models\User;
use App\Pages\PartsOfHtml;
use App\Proofing\CodeMark;
use App\Proofing\Inspections;
use App\Proofing\LinksOfSite;
use App\Proofing\MendPreview;
use App\Proofing\SnagList;
use App\Proofing\SnagsOfSite;
use App\Proofing\SurroundingsOf;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Tests\SeededPicture;

covers(MeanSnag::class, MeantSnag::class, Inspections::class, SurroundingsOf::class, LinksOfSite::class, SnagList::class, SnagsOfSite::class, MendPreview::class);

beforeEach(function (): void {
    Queue::fake();
    $this->user = $this->signIn();
    $this->gallery = $this->galleryOf(3);
    $this->address = "/studio/api/galleries/{$this->gallery->id}";
    [$this->a, $this->b, $this->c] = $this->gallery->items()->orderBy('position')->pluck('id')->all();
    $this->list = fn (): array => $this->getJson("{$this->address}/snags?mends=1")->assertOk()->json();
    $this->codes = fn (): array => array_column(($this->list)()['snags'], 'code');
    $this->snag = fn (string $code): array => array_column(($this->list)()['snags'], null, 'code')[$code];
    $this->words = fn (array $words) => $this->change($this->gallery, ['kind' => 'words', 'words' => $words])->assertOk();
    $this->design = fn (array $design) => $this->change($this->gallery, ['kind' => 'design', 'design' => $design])->assertOk();
    $this->described = fn () => ($this->words)([$this->a => ['alt' => 'A box kite over the dyke'], $this->b => ['alt' => 'Two deltas'], $this->c => ['alt' => 'The creek at noon']]);
    $this->picture = fn (string $item): Picture => $this->gallery->items()->findOrFail($item)->picture;
    $this->kites = Page::query()->where('slug', 'kites')->sole();
});

it('finds what each kind of fault leaves in a real gallery', function (Closure $do, string $code, ?string $says = null): void {
    ($this->described)();
    $before = ($this->codes)();
    $do->call($this);
    expect($before)->not->toContain($code)->and(array_values(array_diff(($this->codes)(), $before)))->toContain($code);
    $says === null ? null : expect(($this->snag)($code)['says'])->toMatch($says);
})->with([
    'an original that is gone' => [fn () => Storage::disk('originals')->delete(($this->picture)($this->b)->originalPath()), 'file-is-missing', '/^The original of “Kite 2” is no longer on the disk/'],
    'files that could not be made' => [fn () => ($this->picture)($this->a)->update(['state' => PictureState::Failed, 'failure' => 'It ends too early.']), 'cannot-be-shown', '/“Kite 1” could not be made: It ends too early/'],
    'no alt text' => [fn () => ($this->words)([$this->b => ['alt' => '']]), 'alt-missing'],
    'a name of a file as alt text' => [fn () => ($this->words)([$this->b => ['alt' => 'DSC_0412.jpg']]), 'alt-file-name'],
    'a name of a file as title' => [fn () => ($this->words)([$this->c => ['title' => 'IMG_2044.jpg']]), 'words-are-file-name'],
    'the same picture twice' => [function (): void {
        $look = ($this->picture)($this->a)->look;
        ($this->picture)($this->c)->update(['look' => $look]);
    }, 'near-doubles', '/“Kite 3” is nearly the same picture as “Kite 1”/'],
    'look-alikes side by side' => [fn () => ($this->picture)($this->b)->update(['look' => ($this->picture)($this->a)->look]), 'look-alikes-beside'],
    'a page that is not there' => [fn () => ($this->words)([$this->a => ['link' => '/sails']]), 'leads-nowhere', '/leads to \/sails, and the site has no such page/'],
    'places that are given away' => [function (): void {
        ($this->picture)($this->a)->update(['tells_place' => true]);
        ($this->design)(['viewer' => ['giving' => ['download' => 'original']]]);
    }, 'gives-place'],
    'pictures that are reserved' => [function (): void {
        ($this->picture)($this->a)->update(['rights' => '© Ada, alle Rechte vorbehalten']);
        ($this->design)(['viewer' => ['giving' => ['download' => 'large']]]);
    }, 'gives-reserved'],
    'a thin backdrop' => [fn () => ($this->design)(['viewer' => ['backdrop' => ['opacity' => 40, 'colour' => '#6a6a6a']]]), 'faint-signs'],
    'letters as light as the page' => [fn () => ($this->design)(['finish' => ['captions' => ['place' => 'below', 'colour' => '#eeeeee']]]), 'faint-below'],
    'captions over bright pictures' => [function (): void {
        ($this->words)([$this->a => ['caption' => 'Up at eleven']]);
        ($this->design)(['finish' => ['captions' => ['place' => 'over', 'opacity' => 0]]]);
    }, 'hard-to-read'],
    'a page in no menu' => [fn () => $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated(), 'page-in-no-menu'],
    'an id that the page has too' => [function (): void {
        $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated();
        ($this->design)(['finish' => ['own' => ['id' => 'kites']]]);
        Site::query()->sole()->update(['shell' => '<!doctype html><html><head>{{head}}</head><body id="kites">{{menu}}{{content}}</body></html>']);
    }, 'id-twice', '/The id “kites” is on “Kites” twice/'],
]);

it('mends what it offers to mend, by one change that one undo takes back', function (): void {
    ($this->words)([$this->a => ['alt' => 'Photo of the old mill'], $this->b => ['title' => 'IMG_2044.jpg', 'link' => '/sails']]);
    ($this->picture)($this->c)->update(['look' => ($this->picture)($this->a)->look, 'tells_place' => true]);
    ($this->design)(['viewer' => ['giving' => ['download' => 'original'], 'backdrop' => ['opacity' => 45, 'colour' => '#f2f5f6']], 'finish' => ['captions' => ['place' => 'below', 'title' => true, 'colour' => '#eeeeee']]]);
    $before = ($this->list)();
    $mended = 0;
    foreach ($before['snags'] as $snag) {
        foreach ($snag['mends'] as $mend) {
            $this->change($this->gallery, $mend['change'])->assertOk();
            $left = array_column(($this->list)()['snags'], 'says', 'code');
            expect($left[$snag['code']] ?? null)->not->toBe($snag['says'], "{$mend['label']} for {$snag['code']}");
            $this->postJson("{$this->address}/undo", ['version' => $this->gallery->refresh()->version])->assertOk();
            expect(($this->list)()['snags'])->toBe($before['snags']);
            $mended++;
        }
    }
    expect($mended)->toBeGreaterThan(8);
});

it('puts a page into the menu that nobody would find, and then has nothing to say', function (): void {
    $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated();
    $mend = ($this->snag)('page-in-no-menu')['mends'][0];
    expect($mend)->toBe(['label' => 'Put “Kites” into the menu', 'change' => null, 'page' => ['id' => $this->kites->id, 'menu_label' => 'Kites']]);
    $this->patchJson("/studio/api/pages/{$mend['page']['id']}", ['menu_label' => $mend['page']['menu_label']])->assertNoContent();
    expect(($this->codes)())->not->toContain('page-in-no-menu');
    $this->postJson('/studio/api/site/undo')->assertSuccessful();
    expect(($this->codes)())->toContain('page-in-no-menu');
});

it('shows what a mend would come to, and stores nothing of it', function (): void {
    $version = $this->gallery->refresh()->version;
    $change = ($this->snag)('alt-missing')['mends'][0]['change'];
    $this->postJson("{$this->address}/snags/preview", ['change' => $change])->assertOk()
        ->assertJsonPath('says', 'changed the alt text of 3 pictures')->assertJsonPath('rows.1', ['item' => $this->b, 'name' => 'Kite 2', 'field' => 'alt text', 'before' => '', 'after' => 'Kite 2'])
        ->assertJsonPath('before', null);
    $drawn = $this->postJson("{$this->address}/snags/preview", ['change' => ['kind' => 'hide', 'items' => [$this->b], 'hidden' => true]])->assertOk()->json();
    expect($drawn['rows'])->toBe([])->and($drawn['before']['items'])->toBe([$this->a, $this->b, $this->c])->and($drawn['after']['items'])->toBe([$this->a, $this->c])
        ->and($drawn['after']['tiles'])->toHaveCount(2);
    foreach ([['kind' => 'together', 'says' => 'x', 'changes' => []], ['kind' => 'hide', 'items' => ['nobody'], 'hidden' => true], ['kind' => 'design', 'design' => ['layout' => ['columns' => 99]]]] as $refused) {
        $this->postJson("{$this->address}/snags/preview", ['change' => $refused])->assertStatus(422);
    }
    expect($this->gallery->refresh()->version)->toBe($version);
});

it('shows titles in a preview as they are, whatever signs they begin and end with', function (): void {
    $titles = ['“Gull”, again', '…and on', 'The keeper’s kite’', '‘’'];
    foreach ($titles as $title) {
        ($this->words)([$this->a => ['title' => $title]]);
        $this->postJson("{$this->address}/snags/preview", ['change' => ['kind' => 'words', 'words' => [$this->a => ['alt' => 'Boats']]]])->assertOk()->assertJsonPath('rows.0.name', $title);
    }
});

it('draws where snags are, whole and in order, for wide and for phone', function (): void {
    $places = $this->getJson("{$this->address}/snags?places=1")->assertOk()->json('places');
    foreach (['wide', 'phone'] as $view) {
        expect($places[$view]['items'])->toBe([$this->a, $this->b, $this->c])->and($places[$view]['tiles'])->toHaveCount(3);
        foreach ($places[$view]['tiles'] as $tile) {
            expect($tile['left'] + $tile['width'])->toBeLessThanOrEqual($places[$view]['width'] + 0.1)->and($tile['top'] + $tile['height'])->toBeLessThanOrEqual($places[$view]['height'] + 0.1)->and($tile['src'])->toStartWith('/media/');
        }
    }
    expect(($this->list)()['places'])->toBeNull()->and(array_merge(...array_column($this->getJson("{$this->address}/snags")->json('snags'), 'mends')))->toBe([]);
});

it('lets a snag be meant with a word, until something of it changes', function (): void {
    $this->putJson("{$this->address}/snags/alt-missing/meant", ['word' => '  '])->assertStatus(422);
    $this->putJson("{$this->address}/snags/alt-missing/meant", ['word' => str_repeat('x', 201)])->assertStatus(422)->assertJsonPath('field', 'word');
    $this->putJson("{$this->address}/snags/holes/meant", ['word' => 'So it is'])->assertStatus(422)->assertJsonPath('field', 'code');
    expect(MeantSnag::query()->count())->toBe(0);
    $this->putJson("{$this->address}/snags/alt-missing/meant", ['word' => 'Described on the page'])->assertNoContent();
    $list = ($this->list)();
    expect(array_column($list['snags'], 'code'))->not->toContain('alt-missing')
        ->and(array_map(static fn (array $one): array => [$one['kind'], $one['word'], $one['by']], $list['meant']))->toBe([['No alt text', 'Described on the page', 'Owner']]);
    // What is said of another thing says nothing of this one.
    ($this->words)([$this->a => ['caption' => 'Up at eleven'], $this->b => ['alt' => 'Two deltas over the dyke']]);
    expect(($this->codes)())->not->toContain('alt-missing');
    // One picture more without words: that one was not meant.
    $more = SeededPicture::of($this->pictureFile('jpg', 300, 200, 44), 'kite-44.jpg');
    $this->postJson("{$this->address}/items", ['pictures' => [$more->id]])->assertCreated();
    expect(($this->snag)('alt-missing')['items'])->toHaveCount(1)->and(($this->snag)('alt-missing')['says'])->toStartWith('“Kite 44” has no alt text');
    $this->deleteJson("{$this->address}/snags/alt-missing/meant")->assertNoContent();
    expect(($this->snag)('alt-missing')['items'])->toHaveCount(3)->and(($this->list)()['meant'])->toBe([]);
});

it('keeps what is meant of one gallery to that gallery, and goes with it', function (): void {
    $other = $this->galleryOf(1, 60);
    $this->putJson("{$this->address}/snags/on-no-page/meant", ['word' => 'Not yet'])->assertNoContent();
    expect(array_column($this->getJson("/studio/api/galleries/{$other->id}/snags")->json('snags'), 'code'))->toContain('on-no-page');
    Gallery::query()->findOrFail($this->gallery->id)->forceDelete();
    expect(MeantSnag::query()->count())->toBe(0);
});

it('tells those of the whole site, and looks again when anything of them may be otherwise', function (): void {
    $of = function (): array {
        $this->travel(1)->minutes();

        return array_column($this->getJson('/studio/api/snags')->assertOk()->json('galleries'), null, 'id');

    };
    $codes = fn (): array => array_column(array_filter($of()[$this->gallery->id]['snags'] ?? [], static fn (array $snag): bool => $snag['stage'] !== 'layout'), 'code');
    ($this->design)(['layout' => ['kind' => 'single']]);
    $this->travel(1)->hours();
    expect($codes())->toBe(['alt-missing', 'on-no-page'])->and($of()[$this->gallery->id])->toMatchArray(['title' => 'Kites', 'version' => $this->gallery->refresh()->version]);
    ($this->described)();
    expect($codes())->toBe(['on-no-page']);
    Storage::disk('originals')->move(($this->picture)($this->b)->originalPath(), 'elsewhere');
    expect($codes())->toBe(['file-is-missing', 'on-no-page']);
    Storage::disk('originals')->move('elsewhere', ($this->picture)($this->b)->originalPath());
    $this->putJson("{$this->address}/snags/on-no-page/meant", ['word' => 'Not yet'])->assertNoContent();
    expect($codes())->toBe([]);
    $this->deleteJson("{$this->address}/snags/on-no-page/meant")->assertNoContent();
    expect($codes())->toBe(['on-no-page']);
    $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated();
    expect($codes())->toBe(['page-in-no-menu']);
    $this->patchJson("/studio/api/pages/{$this->kites->id}", ['menu_label' => 'Kites'])->assertNoContent();
    expect($codes())->toBe([]);
});

it('keeps nothing that other rules computed: a changed file of them is enough', function (): void {
    $rules = "{$this->files}/rules";
    mkdir("{$rules}/Pages", 0755, true);
    file_put_contents("{$rules}/Pages/Rule.php", 'one');
    $this->travel(10)->seconds();
    $asked = 0;
    DB::listen(static function () use (&$asked): void {
        $asked++;
    });
    $told = function () use ($rules, &$asked): array {
        $this->app->instance(CodeMark::class, new CodeMark([$rules]));
        $asked = 0;

        return [$this->app->make(SnagsOfSite::class)->all(), $asked];
    };
    [$snags, $first] = $told();
    [$same, $kept] = $told();
    file_put_contents("{$rules}/Pages/Rule.php", 'other');
    [$again, $computed] = $told();
    expect($snags)->not->toBe([])->and([$same, $again])->toBe([$snags, $snags])->and($kept)->toBeLessThan($first)->and($computed)->toBe($first);
});

it('weighs a page with all that stands on it, and each gallery as far as is shown', function (): void {
    $heavy = $this->galleryOf(2, 80);
    $weigh = static function (Gallery $gallery, int $bytes): void {
        foreach ($gallery->load('items.picture')->items as $item) {
            $item->picture->update(['renditions' => array_map(static fn (): int => $bytes, $item->picture->renditions)]);
        }
    };
    foreach ([$this->gallery, $heavy] as $gallery) {
        $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $gallery->id, 'spot' => 1])->assertCreated();
    }
    $weigh($this->gallery, 1_000_000);
    expect(($this->codes)())->not->toContain('heavy-page');
    $weigh($heavy, 6_000_000);
    expect(($this->snag)('heavy-page')['says'])->toBe('“Kites” weighs 15 MB on a phone, once all of it was looked at.')->and(($this->snag)('heavy-page')['page'])->toBe($this->kites->id);
    $this->deleteJson('/studio/api/panes/'.$heavy->panes()->sole()->id)->assertNoContent();
    expect(($this->codes)())->not->toContain('heavy-page');
});

it('knows which pages visitors find: by the menu, by words of another page, or because they come in there', function (): void {
    $links = app(LinksOfSite::class);
    $isFound = fn (string $slug): bool => app(LinksOfSite::class)->isFound(Page::query()->where('slug', $slug)->sole()->toCore(), Site::whole()->asSaved());
    expect($isFound('home'))->toBeTrue()->and($isFound('kites'))->toBeFalse();
    $home = Page::query()->where('slug', 'home')->sole();
    $home->update(['menu_label' => null, 'body' => Body::ofParts(PartsOfHtml::of(['<p>See <a href="/kites?year=1#top">them</a></p>']))]);
    expect($isFound('home'))->toBeTrue()->and($isFound('kites'))->toBeTrue()->and($links->of(Site::whole()->asSaved()))->toBe(['/kites' => ['Home']]);
    // A page that leads to itself alone is found by nobody.
    $home->update(['body' => Body::ofParts(PartsOfHtml::of(['<p>Nothing</p>']))]);
    $this->kites->update(['body' => Body::ofParts(PartsOfHtml::of(['<p><a href="/kites">Again</a></p>']))]);
    expect($isFound('kites'))->toBeFalse();
});

it('tells scripts what it tells the studio, and lets editors say what is meant', function (): void {
    $token = $this->postJson('/studio/api/account/tokens', ['name' => 'a script', 'scopes' => ['read']])->assertCreated()->json('token');
    $known = ($this->list)();
    $editor = User::query()->create(['name' => 'Editor', 'email' => 'editor@saltreed.example', 'password' => 'long wind again', 'role' => 'editor']);
    $this->actingAs($editor)->putJson("{$this->address}/snags/on-no-page/meant", ['word' => 'Not yet'])->assertNoContent();
    expect(($this->list)()['meant'][0]['by'])->toBe('Editor');
    $this->app['auth']->forgetGuards();
    $told = $this->withToken($token)->getJson("/api/v1/galleries/{$this->gallery->id}/snags?mends=1")->assertOk()->json();
    expect(array_column($told['snags'], 'code'))->toBe(array_values(array_diff(array_column($known['snags'], 'code'), ['on-no-page'])));
    $this->app['auth']->forgetGuards();
    $this->withToken($token)->getJson('/api/v1/snags')->assertOk()->assertJsonPath('galleries.0.id', $this->gallery->id);
    // Who meant something and left is not known by name any more; what was meant stays so.
    $editor->delete();
    expect(MeantSnag::query()->sole()->user_id)->toBeNull();
});

it('names nothing that visitors do not see', function (): void {
    $this->change($this->gallery, ['kind' => 'hide', 'items' => [$this->b], 'hidden' => true])->assertOk();
    expect(($this->snag)('alt-missing')['items'])->toBe([$this->a, $this->c]);
    $this->postJson('/studio/api/pictures/offline', ['pictures' => [($this->picture)($this->c)->id]])->assertNoContent();
    expect(($this->snag)('alt-missing')['items'])->toBe([$this->a])
        ->and($this->getJson("{$this->address}/snags?places=1")->json('places.wide.items'))->toBe([$this->a]);
});

it('is closed to strangers', function (string $method, string $address): void {
    $this->app['auth']->forgetGuards();
    $this->json($method, str_replace('{gallery}', $this->gallery->id, "/studio/api/{$address}"))->assertUnauthorized();
})->with([['GET', 'snags'], ['GET', 'galleries/{gallery}/snags'], ['POST', 'galleries/{gallery}/snags/preview'], ['PUT', 'galleries/{gallery}/snags/alt-missing/meant'], ['DELETE', 'galleries/{gallery}/snags/alt-missing/meant']]);
