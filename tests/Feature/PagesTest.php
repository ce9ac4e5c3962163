<?php

declare(strict_types=1);

use App\Jobs\MakeRenditions;
use App\Jobs\OrderLackingFiles;
use App\Models\Body;
use App\Models\Page;
use App\Models\Pane;
use App\Models\Site;
use App\Pages\CleanPart;
use App\Pages\PagesOfSite;
use App\Pages\PanesOfSite;
use App\Pages\PartsOfHtml;
use App\Proofing\PaneFacts;
use App\Proofing\PartFacts;
use App\Proofing\SiteFacts;
use Illuminate\Support\Facades\Queue;
use Tests\SeededPicture;

covers(PagesOfSite::class, PanesOfSite::class, CleanPart::class, PartsOfHtml::class, SiteFacts::class, PaneFacts::class, PartFacts::class);

/* Pages, the menu, places of galleries, and the way back from all of it. */

beforeEach(function (): void {
    Queue::fake();
    $this->owner = $this->signIn();
    [$this->home, $this->kites] = [Page::query()->where('slug', 'home')->sole(), Page::query()->where('slug', 'kites')->sole()];
    $this->gallery = $this->galleryOf(3);
    $this->make = fn (array $told) => $this->postJson('/studio/api/pages', $told);
    $this->patch = fn (Page $page, array $told) => $this->patchJson("/studio/api/pages/{$page->id}", $told);
    $this->place = fn (?string $page = null, int $spot = 1, ?string $gallery = null): string => $this->postJson('/studio/api/panes', ['page_id' => $page, 'gallery_id' => $gallery ?? $this->gallery->id, 'spot' => $spot])->assertCreated()->json('id');
    $this->set = fn (string $pane, array $told) => $this->patchJson("/studio/api/panes/{$pane}", $told);
    $this->listed = fn (string $slug): array => collect($this->getJson('/studio/api/pages')->assertOk()->json())->firstWhere('slug', $slug) ?? [];
    $this->html = fn (string $path): string => (string) $this->get($path)->assertOk()->baseResponse->getFile()->getContent();
    $this->undo = fn (array $more = []) => $this->postJson('/studio/api/site/undo', $more);
});

it('makes a page, puts it in the menu under another, renames it, and takes it off', function (): void {
    ($this->patch)($this->kites, ['menu_label' => 'Kites'])->assertNoContent();
    $id = ($this->make)(['title' => 'Kites to hire', 'menu_label' => 'To hire', 'parent' => $this->kites->id])->assertCreated()->json('id');
    expect(($this->listed)('kites-to-hire'))->toMatchArray(['title' => 'Kites to hire', 'address' => '/kites-to-hire', 'menu_label' => 'To hire', 'parent' => $this->kites->id, 'live' => false]);
    $this->putLive($this->gallery)->assertOk();
    expect(($this->html)('/kites-to-hire'))->toContain('<h1>Kites to hire</h1>')
        ->toContain('<li><a href="/kites">Kites</a><ul><li><a href="/kites-to-hire" aria-current="page">To hire</a></li></ul></li>');
    $hire = Page::query()->findOrFail($id);
    ($this->patch)($hire, ['title' => 'Hire a kite', 'address' => 'kites/hire'])->assertNoContent();
    expect(($this->listed)('kites/hire')['changes'])->toBe(['“Kites to hire” becomes “Hire a kite”', 'its address /kites-to-hire becomes /kites/hire']);
    $this->postJson('/studio/api/site/live', ['galleries' => [], 'pages' => [$id]])->assertNoContent();
    expect(($this->html)('/kites/hire'))->toContain('<title>Hire a kite</title>');
    $this->get('/kites-to-hire')->assertNotFound();
    // Taken off at once, for visitors too; it comes back by undo, and waits to be put live.
    $this->deleteJson("/studio/api/pages/{$id}")->assertNoContent();
    $this->get('/kites/hire')->assertNotFound();
    expect(($this->html)('/'))->not->toContain('To hire');
    ($this->undo)()->assertNoContent();
    expect(($this->listed)('kites/hire'))->toMatchArray(['title' => 'Hire a kite', 'live' => false, 'changes' => ['a new page']]);
    $this->deleteJson("/studio/api/pages/{$this->home->id}")->assertStatus(422)->assertJsonPath('field', 'address');
});

it('orders the menu, and loses no page when one leaves it', function (): void {
    [$a, $b, $c] = array_map(fn (string $title): string => ($this->make)(['title' => $title, 'menu_label' => $title])->json('id'), ['Aa', 'Bb', 'Cc']);
    $order = fn (array $ids) => $this->putJson('/studio/api/site/menu', ['order' => array_map(fn (string $id): array => ['id' => explode('<', $id)[0], 'parent' => explode('<', $id)[1] ?? null], $ids)]);
    $order([$c, "{$a}<{$c}", "{$b}<{$a}", $this->home->id, $this->kites->id])->assertNoContent();
    $menu = fn (): array => Site::whole()->asSaved()->menu();
    expect($menu()[0]->label)->toBe('Cc')->and($menu()[0]->below[0]->below[0]->label)->toBe('Bb');
    foreach ([[$c, "{$a}<{$b}", "{$b}<{$a}", $this->home->id, $this->kites->id], ["{$c}<{$c}", $a, $b, $this->home->id, $this->kites->id], ["{$c}<{$this->kites->id}", $a, $b, $this->home->id, $this->kites->id]] as $wrong) {
        $order($wrong)->assertStatus(422)->assertJsonPath('field', 'parent')->assertJsonPath('code', 'page-not-possible');
    }
    $order([$c, $a])->assertStatus(422)->assertJsonPath('field', 'order');
    // What stood below one that leaves the menu comes up.
    ($this->patch)(Page::query()->findOrFail($a), ['menu_label' => null])->assertNoContent();
    expect(array_map(fn ($entry): string => $entry->label, $menu()[0]->below))->toBe(['Bb']);
});

it('tells which pages with a gallery visitors would not find', function (): void {
    ($this->place)($this->kites->id);
    expect(($this->listed)('kites'))->toMatchArray(['menu_label' => null, 'linked_from' => [], 'lost' => true])->and(($this->listed)('home')['lost'])->toBeFalse();
    $this->home->update(['body' => Body::ofParts(PartsOfHtml::of(['<p>See <a href="/kites#x">them</a></p>']))]);
    expect(($this->listed)('kites')['linked_from'])->toBe(['Home'])->and(($this->listed)('kites')['lost'])->toBeFalse();
});

it('refuses what a page cannot be, by field, and stores nothing of it', function (array $told, string $field): void {
    $before = Page::query()->count();
    ($this->make)(['title' => 'New', ...$told])->assertStatus(422)->assertJsonPath('field', $field)->assertJsonPath('code', 'page-not-possible');
    $this->patchJson("/studio/api/pages/{$this->kites->id}", array_diff_key($told, ['parent' => 0]))->assertStatus($field === 'parent' ? 204 : 422);
    expect(Page::query()->count())->toBe($before)->and($this->kites->refresh()->only(['title', 'slug', 'menu_label']))->toBe(['title' => 'Kites', 'slug' => 'kites', 'menu_label' => null]);
})->with([
    [['address' => 'with blanks in it'], 'address'], [['address' => 'Capitals'], 'address'], [['address' => 'studio'], 'address'], [['address' => 'home'], 'address'], [['address' => str_repeat('a', 300)], 'address'],
    [['title' => '  '], 'title'], [['title' => str_repeat('t', 121)], 'title'], [['menu_label' => ''], 'menu_label'], [['menu_label' => str_repeat('m', 41)], 'menu_label'],
]);

it('writes on a page part by part, lets nothing but a few marks through, and keeps galleries behind their parts', function (): void {
    $pane = ($this->place)($this->kites->id, 1);
    $url = "/studio/api/pages/{$this->kites->id}/parts";
    $known = $this->getJson($url)->assertOk()->json();
    expect(array_column($known['parts'], 'kind'))->toBe(['heading', 'paragraph'])->and($known['spots'])->toBe(['at the top', 'after “One”', 'after “Two”']);
    $parts = [['id' => 'n1', 'kind' => 'lead', 'html' => 'A <b>lead</b> <script>evil()</script><a href="javascript:x" onclick="y">link</a>'], $known['parts'][1], $known['parts'][0], ['id' => 'n2', 'kind' => 'list', 'html' => '<li>One</li><li onclick="x">Two</li>', 'ordered' => true]];
    $answer = $this->putJson($url, ['parts' => $parts, 'seen' => $known['seen']])->assertOk()->json();
    expect($answer['parts'][0]['html'])->toBe('A <b>lead</b> <a>link</a>')->and($answer['parts'][3]['html'])->toBe('<li>One</li><li>Two</li>')
        // It stood behind "One", which is third now.
        ->and(Pane::query()->findOrFail($pane)->spot)->toBe(3);
    foreach (['no list', [['id' => 'x']], [['id' => '<x>', 'kind' => 'paragraph']], [['id' => 'x', 'kind' => 'paragraph', 'html' => ['y']]], [['id' => 'x', 'kind' => 'heading', 'level' => 9]], [['id' => 'x', 'kind' => 'paragraph', 'html' => str_repeat('x', 20_001)]], [['id' => 'x', 'kind' => 'picture']], array_map(fn (int $n): array => ['id' => "p{$n}", 'kind' => 'paragraph'], range(1, 401)), [['id' => 'x', 'kind' => 'lead'], ['id' => 'x', 'kind' => 'lead']]] as $wrong) {
        expect($this->putJson($url, ['parts' => $wrong, 'seen' => $answer['seen']])->assertStatus(422)->json('field'))->toStartWith('parts');
    }
    $this->putLive($this->gallery)->assertOk();
    expect(($this->html)('/kites'))->toMatch('~<p class="lead">A <b>lead</b>.*<p>Two</p>\s*<h1>One</h1>\s*<div class="zp-pane.*</div></div>\s*<ol><li>One</li><li>Two</li></ol>~s');
});

it('leaves the files that a place needs to the queue, in one order however many pictures there are', function (): void {
    Queue::fake();
    $pane = ($this->place)($this->kites->id, 1);
    ($this->set)($pane, ['place' => ['width' => 'half']])->assertNoContent();
    Queue::assertPushed(OrderLackingFiles::class, fn (OrderLackingFiles $order): bool => $order->uniqueId() === $this->gallery->id);
    Queue::assertNotPushed(MakeRenditions::class);
});

it('keeps what two wrote at once, and stores nothing where both wrote the same part', function (): void {
    $url = "/studio/api/pages/{$this->kites->id}/parts";
    $known = $this->getJson($url)->json();
    [$one, $two] = $known['parts'];
    $new = fn (string $id, string $html): array => ['id' => $id, 'kind' => 'paragraph', 'html' => $html];
    $words = fn (array $parts): array => array_column($parts, 'html');
    $put = fn (array $parts, string $seen) => $this->putJson($url, ['parts' => $parts, 'seen' => $seen]);
    $put([$one, ['html' => 'Two of Ann'] + $two, $new('a', 'New of Ann')], $known['seen'])->assertOk();
    $this->travel(20)->seconds();
    $both = $put([['html' => 'One of Ben'] + $one, $new('b', 'New of Ben'), $two], $known['seen'])->assertOk();
    expect($words($both->json('parts')))->toBe(['One of Ben', 'New of Ben', 'Two of Ann', 'New of Ann'])
        // Each is an act of its own, and names what that person did alone.
        ->and($this->getJson('/studio/api/site')->json('undo.says'))->not->toContain('Ann');
    $refused = $put([$one, ['html' => 'Two of Cleo'] + $two], $known['seen'])->assertStatus(409)->assertJsonPath('code', 'stale-page');
    expect($refused->json('detail'))->toContain('“Two of Ann”')->not->toContain('“One of Ben”')->and($words($this->getJson($url)->json('parts')))->toBe($words($both->json('parts')));
    // Nobody knows what was seen: nothing can be told apart.
    $put([$one], str_repeat('0', 64))->assertStatus(409)->assertJsonPath('code', 'stale-page');
    expect($this->getJson($url)->json('seen'))->toBe($both->json('seen'));
});

it('lets no HTML in by way of parts that are kept as they came', function (): void {
    $this->kites->update(['body' => Body::ofParts(PartsOfHtml::of(['<dl><dt>Open</dt></dl>']))]);
    $url = "/studio/api/pages/{$this->kites->id}/parts";
    $known = $this->getJson($url)->json();
    $sent = [[...$known['parts'][0], 'html' => '<script>evil()</script>'], ['id' => 'forged', 'kind' => 'kept', 'html' => '<script>evil()</script>']];
    expect(array_column($this->putJson($url, ['parts' => $sent, 'seen' => $known['seen']])->assertOk()->json('parts'), 'html'))->toBe(['<dl><dt>Open</dt></dl>']);
});

it('keeps a single picture out of galleries, points out where it is twice, and freezes it as it went live', function (): void {
    $item = $this->gallery->items()->with('picture')->firstOrFail();
    $pane = ($this->place)($this->kites->id, 0);
    $url = "/studio/api/pages/{$this->kites->id}/parts";
    $known = $this->getJson($url)->json();
    $answer = $this->putJson($url, ['seen' => $known['seen'], 'parts' => [...$known['parts'], ['id' => 's', 'kind' => 'picture', 'picture' => $item->picture_id, 'caption' => 'By <itself>', 'side' => 'end']]])->assertOk()->json();
    expect($answer['twice'])->toBe([['part' => 's', 'pane' => $pane, 'item' => $item->id, 'gallery' => $this->gallery->title]]);
    ($this->set)($pane, ['exceptions' => ['left_out' => [$item->id]]])->assertNoContent();
    expect($this->getJson($url)->json('twice'))->toBe([]);
    $this->putLive($this->gallery)->assertOk();
    $html = ($this->html)('/kites');
    expect($html)->toContain('<figure class="zp-single" data-side="end"><img')->toContain('<figcaption>By &lt;itself&gt;</figcaption>')->toContain('float:inline-end')
        ->and(substr_count($html, 'class="zp-n'))->toBe(2)->and(substr_count($html, $item->picture->rendition_key))->toBeGreaterThan(0);
    // Another picture in its place is not live before the page is.
    $other = SeededPicture::told(7);
    $this->putJson($url, ['seen' => $answer['seen'], 'parts' => [['id' => 's', 'kind' => 'picture', 'picture' => $other->id]]])->assertOk();
    $this->putLive($this->gallery)->assertOk();
    expect(($this->html)('/kites'))->toContain($item->picture->rendition_key)->not->toContain($other->rendition_key);
    $this->postJson('/studio/api/site/live', ['galleries' => [], 'pages' => [$this->kites->id]])->assertNoContent();
    expect(($this->html)('/kites'))->toContain($other->rendition_key)->not->toContain("/{$item->picture->rendition_key}/540.jpg\"");
});

it('stands half, text-wide, wide, from edge to edge and 558 px wide, with sizes that are true of each', function (array $place, string $css, string $sizes): void {
    $pane = ($this->place)($this->kites->id);
    ($this->set)($pane, ['place' => $place])->assertNoContent();
    expect($this->getJson("/studio/api/panes/{$pane}")->assertOk()->json('room.wide'))->toBeGreaterThan(150);
    $this->putLive($this->gallery)->assertOk();
    expect(($this->html)('/kites'))->toContain($css)->toContain($sizes);
})->with([
    [['width' => 'half'], 'width:calc(50% - 14px);float:inline-start', '(min-width:1156px) 176.7px'], [['width' => 'text', 'side' => 'middle'], 'max-width:684px;margin-inline:auto', '(min-width:720px) 222.7px'],
    [[], '{clear:both;margin-block:28px 40px}', '(min-width:1156px) 368px'], [['width' => 'edges'], 'margin-inline:calc(50% - 50vw)', 'calc(33.3vw - 5.3px)'],
    [['width' => 'px', 'px' => 558, 'side' => 'end', 'above' => 60], 'max-width:558px', '(min-width:594px) 180.7px'],
]);

it('says for one place only what is otherwise there, with what the gallery has, and goes back', function (): void {
    $pane = ($this->place)($this->kites->id);
    $facts = fn (): array => $this->getJson("/studio/api/panes/{$pane}")->assertOk()->json();
    $row = fn (string $path): array => collect($facts()['exceptions'])->firstWhere('path', $path);
    expect($row('layout.columns'))->toMatchArray(['says' => '3', 'gallery' => '3', 'is_other' => false]);
    ($this->set)($pane, ['exceptions' => ['design' => ['layout' => ['columns' => 5, 'phone' => ['columns' => 1]], 'finish' => ['captions' => ['place' => 'below']], 'viewer' => ['click' => ['act' => 'nothing']]]]])->assertNoContent();
    expect($row('layout.columns'))->toMatchArray(['says' => '5', 'gallery' => '3', 'is_other' => true])->and($row('finish.captions.place')['is_other'])->toBeTrue();
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => 33, 'columns' => 2]]])->assertOk();
    expect($row('layout.columns')['gallery'])->toBe('2');
    $this->putLive($this->gallery)->assertOk();
    // All else follows the gallery.
    expect(($this->html)('/kites'))->toContain('repeat(5,')->toContain('gap:33px')->and(($this->html)("/embed/{$this->gallery->id}.json"))->toContain('repeat(2,');
    ($this->set)($pane, ['exceptions' => ['design' => null]])->assertNoContent();
    expect($row('layout.columns'))->toMatchArray(['says' => '2', 'is_other' => false]);
    foreach ([['design' => ['layout' => ['kind' => 'rows']]], ['design' => ['layout' => ['columns' => 0]]], ['album' => 'none'], ['tile_size' => 5], ['left_out' => 3], ['nonsense' => 1]] as $wrong) {
        ($this->set)($pane, ['exceptions' => $wrong])->assertStatus(422)->assertJsonPath('code', 'setting-not-possible');
    }
    ($this->set)($pane, ['place' => ['width' => 'px', 'px' => 5]])->assertStatus(422)->assertJsonPath('field', 'place.px')->assertSee('160 to 2400 px');
    ($this->set)($pane, ['place' => ['px' => 99999]])->assertStatus(422)->assertJsonPath('field', 'place.px');
    ($this->set)($pane, ['spot' => 9])->assertStatus(422)->assertJsonPath('field', 'spot');
    ($this->set)($pane, [])->assertStatus(422);
});

it('shows one album only, and leaves pictures out, in one place', function (): void {
    $ids = $this->gallery->items()->orderBy('position')->pluck('id')->all();
    $this->change($this->gallery, ['kind' => 'albums', 'albums' => ['list' => [['id' => 'a1', 'name' => 'Morning']], 'view' => 'headings'], 'of' => [$ids[0] => 'a1', $ids[1] => 'a1']])->assertOk();
    [$first, $second] = [($this->place)($this->kites->id), ($this->place)($this->home->id)];
    ($this->set)($first, ['exceptions' => ['album' => 'a1', 'left_out' => [$ids[0], 'no item']]])->assertNoContent();
    expect(Pane::query()->findOrFail($first)->exceptions)->toBe(['album' => 'a1', 'left_out' => [$ids[0]]]);
    $this->putLive($this->gallery)->assertOk();
    expect(substr_count(($this->html)('/kites'), '<li class="zp-n'))->toBe(1)->and(substr_count(($this->html)('/'), '<li class="zp-n'))->toBe(3);
});

it('stands on every page at a spot of the frame, but for those that are left out', function (): void {
    $pane = ($this->place)($this->kites->id);
    ($this->set)($pane, ['page_id' => null, 'spot' => 1])->assertNoContent();
    $this->putLive($this->gallery)->assertOk();
    expect(($this->html)('/'))->toMatch('~<p>Two</p>\s*<div class="zp-pane~')->and(($this->html)('/kites'))->toContain('zp-pane');
    ($this->set)($pane, ['except' => [$this->home->id, 'no page']])->assertNoContent();
    expect($this->getJson("/studio/api/galleries/{$this->gallery->id}")->json('live.changes'))->toBe(["“{$this->gallery->title}”: left out on other pages than before"]);
    $this->putLive($this->gallery)->assertOk();
    expect(($this->html)('/'))->not->toContain('zp-pane')->and(($this->html)('/kites'))->toContain('zp-pane');
    $this->postJson('/studio/api/panes', ['page_id' => null, 'gallery_id' => $this->gallery->id, 'spot' => 2])->assertStatus(422)->assertJsonPath('field', 'spot');
});

it('gives each gallery of a page a readable name of its own', function (): void {
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'From the workshop']])->assertOk();
    $this->kites->update(['body' => Body::ofParts(PartsOfHtml::of(['<p id="from-the-workshop-2">x</p>']))]);
    $panes = [($this->place)($this->kites->id, 0), ($this->place)($this->kites->id, 1), ($this->place)($this->kites->id, 1)];
    $names = fn (): array => array_map(fn (string $id): string => Pane::query()->findOrFail($id)->name, $panes);
    expect($names())->toBe(['from-the-workshop', 'from-the-workshop-3', 'from-the-workshop-4']);
    ($this->set)($panes[0], ['name' => 'from-the-workshop-3'])->assertStatus(422)->assertJsonPath('field', 'name');
    ($this->set)($panes[0], ['name' => 'Not A Name'])->assertStatus(422)->assertJsonPath('field', 'name');
    ($this->set)($panes[0], ['name' => 'benches'])->assertNoContent();
    $this->putLive($this->gallery)->assertOk();
    preg_match_all('~id="([a-z0-9-]+)"~', ($this->html)('/kites'), $found);
    expect($found[1])->toContain('benches')->toContain('from-the-workshop-3')->and(count($found[1]))->toBe(count(array_unique($found[1])));
});

it('adds at most 300 bytes to a page beside the markup of the gallery, and what machines are told of its pictures', function (): void {
    $this->putLive($this->gallery)->assertOk();
    $size = fn (string $html): int => strlen((string) gzencode($html, 9));
    $before = $size(($this->html)('/kites'));
    $pane = ($this->place)($this->kites->id);
    ($this->set)($pane, ['place' => ['width' => 'half', 'side' => 'end']])->assertNoContent();
    $this->putLive($this->gallery)->assertOk();
    $page = ($this->html)('/kites');
    preg_match('~<style data-zinc-pane.*?</style>~s', $page, $style);
    preg_match('~<div class="zp zp-.*</div>~s', $page, $markup);
    preg_match('~<script type="application/ld\+json">.*?</script>~s', $page, $told);
    $own = preg_replace('~\.zp-at-[^{]+\{[^{}]*\}|@media\(min-width:\d+px\)\{\.zp-at.*?\}\}~', '', $style[0]);
    expect($size($page) - $before - ($size('<p>'.$told[0].$markup[0].$own) - $size('<p>')))->toBeLessThanOrEqual(300);
});
