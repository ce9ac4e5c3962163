<?php

declare(strict_types=1);

use App\Elsewhere\EditorAnswer;
use App\Elsewhere\ElsewhereFacts;
use App\Elsewhere\EmbedCheck;
use App\Elsewhere\EmbedSources;
use App\Elsewhere\PageReader;
use App\Elsewhere\StrictEditor;
use App\Elsewhere\There;
use App\Elsewhere\WhoMay;
use App\Models\EmbedRefusal;
use App\Models\Gallery;
use App\Publishing\EmbedAnswers;
use App\Publishing\EmbedFiles;
use App\Publishing\OEmbedAnswers;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;

covers(ElsewhereFacts::class, EmbedCheck::class, EmbedSources::class, PageReader::class, StrictEditor::class, EditorAnswer::class, There::class, WhoMay::class, EmbedAnswers::class, EmbedFiles::class, OEmbedAnswers::class, EmbedRefusal::class);

/* Galleries on pages elsewhere: what is copied, what becomes of it, and whose pages may have it. */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(4);
    $this->putLive($this->gallery)->assertOk();
    $this->host = config('app.url');
    $this->elsewhere = fn (string $query = ''): array => $this->getJson("/studio/api/galleries/{$this->gallery->id}/elsewhere{$query}")->assertOk()->json();
    $this->kind = fn (string $kind, string $query = ''): array => collect(($this->elsewhere)($query)['kinds'])->firstWhere('kind', $kind);
    $this->copied = fn (string $kind, string $query = ''): string => implode("\n", array_column(($this->kind)($kind, $query)['pieces'], 'text'));
    $this->page = static fn (string $body, string $head = ''): string => "<!doctype html><html lang=\"en\"><head><title>Theirs</title>{$head}</head><body><p>Words</p>{$body}</body></html>";
    $this->codes = fn (string $html): array => array_column($this->postJson('/studio/api/elsewhere/check', ['html' => $html])->assertOk()->json('findings'), 'code');
    $this->rule = fn (Gallery $gallery, string $rule, array $origins = []) => $this->putJson("/studio/api/galleries/{$gallery->id}/elsewhere", ['rule' => $rule, 'origins' => $origins]);
    $this->ask = fn (string $path, array $headers = []): TestResponse => $this->withHeaders($headers)->get($path);
});

it('offers five ways, and finds each of them whole on a page that keeps it', function (): void {
    expect(array_column(($this->elsewhere)()['kinds'], 'kind'))->toBe(['script', 'html', 'frame', 'images', 'oembed']);
    foreach (['script', 'frame', 'images', 'oembed'] as $kind) {
        expect(($this->codes)(($this->page)(($this->copied)($kind))))->toBe([], $kind);
    }
    [$head, $body] = array_column(($this->kind)('html')['pieces'], 'text');
    expect(($this->codes)(($this->page)($body, $head)))->toBe([])
        ->and(($this->codes)(($this->page)($body)))->toBe(['no-head'])
        ->and(($this->codes)(($this->page)('', $head)))->toBe(['no-body'])
        ->and(($this->codes)(($this->page)("{$body}{$body}", $head)))->toBe(['bodies'])
        // Head and body of a place that is known; of two places they do not go together.
        ->and(($this->codes)(($this->page)(...array_reverse(array_column(($this->kind)('html', '?width=600')['pieces'], 'text')))))->toBe([])
        ->and(($this->codes)('<p>nothing</p>'))->toBe(['nothing']);
});

it('tells that a page has it as it was, once it was changed and put live', function (): void {
    $copied = array_map(fn (string $kind): string => ($this->copied)($kind), ['script' => 'script', 'html' => 'html', 'frame' => 'frame', 'images' => 'images']);
    $this->patchJson("/studio/api/galleries/{$this->gallery->id}", ['version' => $this->gallery->version, 'change' => ['kind' => 'design', 'design' => ['layout' => ['gap' => 31]]]])->assertOk();
    // Not live yet: pages elsewhere show what is.
    expect(($this->codes)(($this->page)($copied['script'])))->toBe([]);
    $this->putLive($this->gallery->refresh())->assertOk();
    expect(($this->codes)(($this->page)($copied['script'])))->toBe(['room-outdated'])
        ->and(($this->codes)(($this->page)($copied['html'])))->toBe(['outdated'])
        ->and(($this->codes)(($this->page)($copied['frame'])))->toBe(['room-outdated'])
        ->and(($this->codes)(($this->page)($copied['images'])))->toBe([]);
    $this->deleteJson("/studio/api/galleries/{$this->gallery->id}")->assertNoContent();
    expect(($this->codes)(($this->page)($copied['frame'])))->toBe(['unknown']);
});

it('reads what the policy of a page lets in', function (): void {
    $line = ($this->copied)('script');
    $policy = static fn (string $says): string => "<meta http-equiv=\"Content-Security-Policy\" content=\"{$says}\">";
    expect(($this->codes)(($this->page)($line, $policy("default-src 'self'"))))->toBe(['policy'])
        ->and(($this->codes)(($this->page)($line, $policy(htmlspecialchars(implode('; ', ($this->kind)('script')['policy']))))))->toBe([]);
});

it('knows what strict editors leave of each way, and offers one that survives', function (): void {
    $survives = array_column(($this->elsewhere)()['kinds'], 'survives', 'kind');
    expect($survives)->toBe(['script' => [], 'html' => [], 'frame' => ['mild'], 'images' => ['mild', 'firm', 'strict'], 'oembed' => ['mild', 'firm', 'strict']]);
    // As the page checker sees it, in words.
    $clean = fn (string $strength, string $kind): array => $this->postJson('/studio/api/elsewhere/clean', ['html' => ($this->copied)($kind), 'strength' => $strength])->assertOk()->json();
    expect($clean('mild', 'script')['lost'])->toContain('<script>')->toContain('<zinc-gallery>')->and(($this->codes)(($this->page)($clean('mild', 'script')['html'])))->not->toBe([]);
    expect($clean('strict', 'images')['lost'])->toContain('width of <img> ×4')->and(($this->codes)(($this->page)($clean('strict', 'images')['html'])))->toBe([]);
    expect($clean('firm', 'frame')['html'])->not->toContain('iframe')->and($clean('mild', 'frame')['html'])->toContain('<iframe');
    // What is hostile goes at every strength.
    foreach (['mild', 'firm', 'strict'] as $strength) {
        $left = $this->postJson('/studio/api/elsewhere/clean', ['html' => '<img src=x onerror="alert(1)"><a href="javascript:alert(1)">a</a><script>alert(1)</script><svg onload=alert(1)>', 'strength' => $strength])->json('html');
        expect($left)->not->toContain('alert')->not->toContain('javascript:');
    }
    $this->postJson('/studio/api/elsewhere/clean', ['html' => 'x', 'strength' => 'weak'])->assertNotFound();
    $this->postJson('/studio/api/elsewhere/check', ['html' => str_repeat('x', 2 * 1024 * 1024 + 1)])->assertStatus(422);
});

it('is seen as it will be there, on pages of many kinds', function (string $kind): void {
    foreach (array_column(($this->elsewhere)()['hosts'], 'key') as $host) {
        $html = (string) $this->get("/studio/there/{$this->gallery->id}?kind={$kind}&host={$host}")->assertOk()->getContent();
        expect($html)->toContain('<h1>Notes from a walk</h1>');
        $shown = match (true) {
            $kind === 'oembed' && in_array($host, ['firm', 'strict'], true), in_array($host, ['firm', 'strict'], true) && $kind === 'frame', $kind === 'script' && $host === 'no-script' => null,
            in_array($kind, ['frame', 'oembed'], true) => "/studio/there/{$this->gallery->id}/frame",
            default => '/media/',
        };
        $shown === null || ($kind === 'script' && in_array($host, ['mild', 'firm', 'strict'], true)) || expect($html)->toContain($shown);
        expect($html)->not->toContain('{{host}}');
    }
    $this->get("/studio/there/{$this->gallery->id}/frame")->assertOk()->assertSee('data-frame', false);
    $this->get("/studio/there/{$this->gallery->id}?kind={$kind}&host=none")->assertNotFound();
})->with(['script', 'html', 'frame', 'images', 'oembed']);

it('judges what an editor leaves by the pictures, though words stand before them', function (): void {
    $survives = fn (): array => array_column(($this->elsewhere)()['kinds'], 'survives', 'kind');
    $before = $survives();
    expect($before['images'])->not->toBe([]);
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/texts", ['title' => 'First', 'text' => 'Words'])->assertCreated();
    $items = $this->gallery->items()->orderBy('position')->pluck('id')->all();
    $this->patchJson("/studio/api/galleries/{$this->gallery->id}", ['version' => $this->gallery->refresh()->version, 'change' => ['kind' => 'order', 'items' => [array_pop($items), ...$items]]])->assertOk();
    $this->putLive($this->gallery->refresh())->assertOk();
    expect($survives()['images'])->toBe($before['images']);
});

it('answers a page elsewhere in words where there is nothing for it', function (): void {
    ($this->ask)('/embed/'.str_repeat('0', 26).'.de.json')->assertNotFound()->assertHeader('Access-Control-Allow-Origin', '*');
    $frame = ($this->ask)('/embed/'.str_repeat('0', 26))->assertNotFound();
    expect((string) $frame->headers->get('Content-Security-Policy'))->toContain('frame-ancestors *')->and($frame->headers->has('X-Frame-Options'))->toBeFalse();
});

it('lets only those embed who are named, says no to others in words, and notes them', function (): void {
    ($this->rule)($this->gallery, 'these', ['https://friends.example', 'https://*.kites.example'])->assertNoContent();
    $json = "/embed/{$this->gallery->id}.json";
    ($this->ask)($json, ['Origin' => 'https://friends.example'])->assertOk()->assertHeader('Access-Control-Allow-Origin', 'https://friends.example')->assertHeader('Vary', 'Origin');
    ($this->ask)($json, ['Origin' => 'https://north.kites.example'])->assertOk();
    foreach (['https://evil.example', 'https://friends.example.evil.example', 'null'] as $origin) {
        $answer = ($this->ask)($json, ['Origin' => $origin])->assertForbidden()->assertHeader('Access-Control-Allow-Origin', '*');
        expect((string) $answer->getContent())->toBe('{"said":"This gallery is not meant for this site."}');
    }
    ($this->ask)($json, ['Origin' => 'https://evil.example'])->assertForbidden();
    $frame = ($this->ask)("/embed/{$this->gallery->id}", ['Origin' => '', 'Referer' => 'https://frames.example/page', 'Sec-Fetch-Dest' => 'iframe'])->assertOk();
    expect((string) $frame->headers->get('Content-Security-Policy'))->toContain("frame-ancestors 'self' https://friends.example https://*.kites.example;")->and((string) $frame->headers->get('Cache-Control'))->toContain('private');
    $refused = collect($this->getJson('/studio/api/elsewhere')->assertOk()->json('refusals'))->pluck('times', 'origin')->all();
    expect($refused)->toEqualCanonicalizing(['https://evil.example' => 2, 'https://friends.example.evil.example' => 1, 'null' => 1, 'https://frames.example' => 1]);
    // Nobody at all, and then as the site has it again.
    ($this->rule)($this->gallery, 'nobody')->assertNoContent();
    ($this->ask)($json, ['Origin' => 'https://friends.example'])->assertForbidden();
    ($this->rule)($this->gallery, 'site')->assertNoContent();
    ($this->ask)($json, ['Origin' => 'https://evil.example'])->assertOk()->assertHeader('Access-Control-Allow-Origin', '*');
    expect($this->getJson('/studio/api/elsewhere')->json('refusals'))->toBe([]);
});

it('holds the rule of the site for galleries that say nothing else', function (): void {
    $other = $this->galleryOf(1, 30);
    $this->putLive($other)->assertOk();
    ($this->rule)($other, 'anyone')->assertNoContent();
    $this->putJson('/studio/api/elsewhere', ['rule' => 'these', 'origins' => ['https://friends.example']])->assertNoContent();
    ($this->ask)("/embed/{$this->gallery->id}.json", ['Origin' => 'https://evil.example'])->assertForbidden();
    ($this->ask)("/embed/{$other->id}.json", ['Origin' => 'https://evil.example'])->assertOk();
    foreach ([['these', ['https://a.example/x']], ['these', []], ['friends', []], [null, null]] as [$rule, $origins]) {
        $this->putJson('/studio/api/elsewhere', ['rule' => $rule, 'origins' => $origins])->assertStatus(422)->assertJsonPath('code', 'access-not-possible');
    }
    ($this->ask)("/embed/{$this->gallery->id}.json", ['Origin' => 'https://friends.example'])->assertOk();
});

it('tells machines at once which page tells how pictures may be used', function (): void {
    $kites = App\Models\Page::query()->where('slug', 'kites')->sole();
    $this->postJson('/studio/api/panes', ['page_id' => $kites->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated();
    $this->putLive($this->gallery->refresh())->assertOk();
    $told = fn (): array => array_unique(array_column(json_decode(explode('</script>', explode('application/ld+json">', (string) $this->get('/kites')->assertOk()->baseResponse->getFile()->getContent())[1])[0], true)['image'], 'acquireLicensePage'));
    $say = fn (mixed $page): TestResponse => $this->putJson('/studio/api/elsewhere/acquire-page', ['page_id' => $page]);
    expect($told())->toBe([]);
    $say($kites->id)->assertNoContent();
    expect($told())->toBe(["{$this->host}/kites"])->and($this->getJson('/studio/api/elsewhere')->json('acquire_page'))->toBe($kites->id);
    foreach (['kites', str_repeat('0', 26), ['x'], 7] as $none) {
        $say($none)->assertStatus(422)->assertJsonPath('field', 'page_id');
    }
    expect($told())->toBe(["{$this->host}/kites"]);
    $say(null)->assertNoContent();
    expect($told())->toBe([]);
});

it('tells sites that ask for an address what to show, in JSON and XML', function (): void {
    $ask = fn (string $url, string $more = ''): TestResponse => $this->get('/oembed?url='.urlencode($url).$more);
    $json = $ask("{$this->host}/embed/{$this->gallery->id}", '&maxwidth=500&maxheight=300')->assertOk()->assertHeader('Content-Type', 'application/json; charset=utf-8')->json();
    expect($json)->toMatchArray(['version' => '1.0', 'type' => 'rich', 'title' => $this->gallery->title, 'provider_name' => 'Saltreed', 'width' => 500])->and($json['height'])->toBeLessThanOrEqual(300);
    $xml = simplexml_load_string((string) $ask("{$this->host}/embed/{$this->gallery->id}", '&format=xml&maxwidth=500&maxheight=300')->assertOk()->getContent());
    expect((string) $xml->html)->toBe($json['html'])->and((int) $xml->width)->toBe(500);
    $this->postJson('/studio/api/panes', ['page_id' => App\Models\Page::query()->where('slug', 'kites')->sole()->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated();
    $this->putLive($this->gallery->refresh())->assertOk();
    expect($ask("{$this->host}/kites")->assertOk()->json('title'))->toBe($this->gallery->title);
    foreach (["{$this->host}/", "{$this->host}/embed/".str_repeat('0', 26), 'https://evil.example/kites', "{$this->host}.evil.example/kites", '', 'javascript:alert(1)'] as $none) {
        $ask($none)->assertNotFound();
    }
    $ask("{$this->host}/kites", '&format=yaml')->assertStatus(501);
    ($this->rule)($this->gallery, 'nobody')->assertNoContent();
    $ask("{$this->host}/kites")->assertStatus(401);
});
