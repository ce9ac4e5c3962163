<?php

declare(strict_types=1);

use App\Access\Look;
use App\Http\Controllers\Live\PostComment;
use App\Http\Controllers\Live\ShowLook;
use App\Models\Comment;
use App\Models\Page;
use App\Publishing\PageComments;
use App\Publishing\PicturesOfPage;
use App\Publishing\TakeComment;
use Illuminate\Support\Facades\Queue;

covers(TakeComment::class, PageComments::class, PostComment::class, Look::class, ShowLook::class, PicturesOfPage::class);

/* What visitors write, and phones that look: strangers, both of them. */

beforeEach(function (): void {
    Queue::fake();
    $this->owner = $this->signIn();
    $this->kites = Page::query()->where('slug', 'kites')->sole();
    $this->gallery = $this->galleryOf(1);
    $this->html = fn (string $path): string => (string) $this->get($path)->assertOk()->baseResponse->getFile()->getContent();
    $this->stranger = fn () => $this->app['auth']->guard('web')->forgetUser();
    $this->write = fn (string $name, string $text, array $more = []) => $this->post("/comments/{$this->kites->id}", ['name' => $name, 'text' => $text, ...$more]);
    $this->comments = function (bool $on): void {
        $this->actingAs($this->owner);
        $this->patchJson("/studio/api/pages/{$this->kites->id}", ['comments' => $on])->assertNoContent();
        $this->postJson('/studio/api/site/live', ['galleries' => [], 'pages' => [$this->kites->id]])->assertNoContent();
        ($this->stranger)();
    };
    $this->putLive($this->gallery)->assertOk();
});

it('takes a comment where comments are on, shows it once it was looked at, and takes it down again', function (): void {
    ($this->stranger)();
    ($this->write)('Wren', 'Lovely')->assertNotFound();
    ($this->comments)(true);
    expect(($this->html)('/kites'))->toContain('id="comments"')->toContain("action=\"/comments/{$this->kites->id}\"")->toContain('Nobody has written');
    $answer = ($this->write)('<b>Wren</b>', "Lovely <script>evil()</script>\r\n\r\n\r\n\r\nkites\u{202E}");
    $answer->assertStatus(303)->assertRedirect('/comments/received');
    expect($answer->headers->get('Set-Cookie'))->toBeNull()->and(($this->html)('/comments/received'))->toContain('Thank you')->and(($this->html)('/kites'))->not->toContain('Lovely');
    $this->getJson('/studio/api/comments')->assertUnauthorized();
    $this->actingAs($this->owner);
    $one = $this->getJson('/studio/api/comments')->assertOk()->json('0');
    expect($one)->toMatchArray(['name' => '<b>Wren</b>', 'text' => "Lovely <script>evil()</script>\n\nkites", 'state' => 'waiting', 'page' => 'Kites'])
        ->and($this->getJson('/studio/api/site')->json('comments'))->toBe(1)->and(Comment::query()->sole()->visitor)->not->toContain('127.0.0.1');
    $this->patchJson("/studio/api/comments/{$one['id']}", ['state' => 'shown'])->assertNoContent();
    expect(($this->html)('/kites'))->toContain('&lt;b&gt;Wren&lt;/b&gt;')->toContain('Lovely &lt;script&gt;')->not->toContain('<script>evil');
    $this->patchJson("/studio/api/comments/{$one['id']}", ['state' => 'loved'])->assertStatus(422);
    $this->deleteJson("/studio/api/comments/{$one['id']}")->assertNoContent();
    expect(($this->html)('/kites'))->not->toContain('Lovely');
    ($this->comments)(false);
    expect(($this->html)('/kites'))->not->toContain('id="comments"');
    ($this->write)('Wren', 'Late')->assertNotFound();
});

it('refuses by field what is no comment, keeps what was typed, and lets no flood through', function (): void {
    ($this->comments)(true);
    foreach ([['', 'x', 'name', 'write something'], ['Wren', 'see www.elsewhere.example', 'text', 'no addresses'], ['Wren', str_repeat('long ', 20_000), 'text', 'at most 2000']] as [$name, $text, $field, $says]) {
        $html = (string) ($this->write)($name, $text)->assertStatus(422)->getContent();
        expect($html)->toContain("id=\"comment-{$field}-wrong\"")->toContain($says)->toContain(e(substr(trim($text), 0, 20)));
    }
    // Who fills in what nobody sees is no visitor, and is not told.
    ($this->write)('Wren', 'Buy', [PageComments::TRAP => 'x'])->assertStatus(303);
    expect(Comment::query()->count())->toBe(0);
    $taken = 0;
    for ($i = 0; $i < 200; $i++) {
        $answer = ($this->write)('Wren', "Kite {$i}");
        $taken += $answer->getStatusCode() === 303 ? 1 : 0;
    }
    $answer->assertStatus(429)->assertSee('wait a minute');
    expect($answer->headers->get('Retry-After'))->not->toBeNull()->and($taken)->toBeLessThanOrEqual(5)->and(Comment::query()->count())->toBe($taken);
});

it('lets a phone look at one page and its pictures for two hours, and at nothing else', function (): void {
    $draft = $this->galleryOf(1, 50);
    $other = $this->galleryOf(1, 51);
    $this->postJson('/studio/api/panes', ['page_id' => $this->kites->id, 'gallery_id' => $draft->id, 'spot' => 0])->assertCreated();
    $look = $this->postJson("/studio/api/pages/{$this->kites->id}/look", ['of' => 'draft'])->assertOk()->assertJsonPath('reachable', false)->json();
    config(['zinc.nearby' => 'http://192.168.1.20:8000']);
    expect($this->postJson("/studio/api/pages/{$this->kites->id}/look", ['of' => 'live'])->json())->toMatchArray(['address' => 'http://192.168.1.20:8000/kites', 'reachable' => true]);
    $this->postJson("/studio/api/pages/{$this->kites->id}/look", ['of' => 'everything'])->assertStatus(422);
    ($this->stranger)();
    $path = (string) preg_replace('~^http://[^/]+~', '', $look['address']);
    $key = fn ($gallery): string => $gallery->items()->with('picture')->sole()->picture->rendition_key;
    $media = fn (string $key, ?string $token) => $this->withUnencryptedCookies($token === null ? [] : [Look::COOKIE => $token])->get("/media/{$key}/240.webp");
    $media($key($draft), null)->assertNotFound();
    $answer = $this->get($path)->assertOk();
    expect($answer->getContent())->toContain($key($draft))->toContain('<style>p{}</style>')->not->toContain('zp-spot')->not->toContain('/studio/')->and($answer->headers->get('Content-Security-Policy'))->toContain('sandbox');
    $token = $answer->headers->getCookies()[0]->getValue();
    $media($key($draft), $token)->assertOk();
    $media($key($other), $token)->assertNotFound();
    foreach ([substr($token, 0, -1).'0x', str_replace($this->kites->id, Page::query()->where('slug', 'home')->value('id'), $token), 'x'] as $forged) {
        $media($key($draft), $forged)->assertNotFound();
        $this->get('/look/'.urlencode($forged))->assertStatus(403);
    }
    $this->get('/studio/preview/'.$this->kites->id)->assertRedirect('/studio/sign-in');
    $this->travel(121)->minutes();
    $this->get($path)->assertStatus(403)->assertSee('two hours');
    $media($key($draft), $token)->assertNotFound();
});
