<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Page;
use App\Models\Picture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Tests\SeededPicture;

/*
 * What the application answers, word by word, of a made-up site: whoever changes an answer changes what the studio and
 * visitors get, and should mean to. Made anew with ZINC_GOLDEN=write; the difference is to be read.
 */

const GOLDEN_ANSWERS = __DIR__.'/../golden/today/answers.json';

/** Without what chance made: identifiers by the order they come in, stamps, keys. */
function withoutChance(string $text): string
{
    $known = [];
    $name = static function (string $id) use (&$known): string {
        return $known[$id] ??= 'id'.(count($known) + 1);
    };
    $text = (string) preg_replace_callback('/\b01[0-9a-hjkmnp-tv-z]{24}\b/i', static fn (array $found): string => $name($found[0]), $text);
    foreach (array_keys($known) as $id) {
        $text = str_replace(substr($id, -12), $known[$id].'x', $text);
    }

    // The key of a proof is made of identifiers, too.
    return (string) preg_replace(['/zp-(?:proof|embed|[0-9a-z]{12}|id\d+x)-[0-9a-hjkmnp-tv-z]{8}\b/', '/"stamp":"[^"]*"/', '/"key":"[0-9a-f]{32}"/'], ['zp-…', '"stamp":"…"', '"key":"…"'], $text);
}

beforeEach(function (): void {
    Queue::fake();
    Carbon::setTestNow('2026-05-01 10:20:30');
    $this->signIn();
    $this->gallery = $this->emptyGallery();
    foreach (range(1, 7) as $n) {
        $picture = SeededPicture::told($n);
        $this->postJson("/studio/api/galleries/{$this->gallery->id}/items", ['pictures' => [$picture->id]])->assertCreated();
    }
    $this->of = "galleries/{$this->gallery->id}";
    $this->ids = $this->gallery->items()->orderBy('position')->pluck('id')->all();
    $this->do = fn (array $change) => $this->change($this->gallery, $change)->assertOk();
    $this->postJson("/studio/api/{$this->of}/texts", ['title' => 'Come along', 'text' => '<p>Sunday, <b onclick="x()">from ten</b>.</p><script>x()</script>', 'version' => $this->gallery->refresh()->version])->assertCreated();
    ($this->do)(['kind' => 'words', 'words' => [$this->ids[0] => ['title' => 'Red sail', 'caption' => 'Low tide', 'alt' => 'Image of a sail'], $this->ids[3] => ['decorative' => true]]]);
    ($this->do)(['kind' => 'albums', 'albums' => ['list' => [['id' => 'A1', 'name' => 'Morning'], ['id' => 'A2', 'name' => 'Evening']], 'view' => 'headings']]);
    ($this->do)(['kind' => 'albums', 'of' => [$this->ids[1] => 'A1', $this->ids[2] => 'A2']]);
    ($this->do)(['kind' => 'hide', 'items' => [$this->ids[5]], 'hidden' => true]);
    ($this->do)(['kind' => 'design', 'design' => ['layout' => ['columns' => 4, 'last_row' => 'balance'], 'finish' => ['captions' => ['place' => 'below', 'lines' => 1]]]]);
    $this->pages = Page::query()->orderBy('slug')->get()->keyBy('slug');
    $this->pane = $this->postJson('/studio/api/panes', ['page_id' => $this->pages['kites']->id, 'gallery_id' => $this->gallery->id, 'spot' => 1])->assertCreated()->json('id');
});

it('answers as it answered before', function (): void {
    $answers = [];
    $ask = function (string $method, string $path, array $body = []) use (&$answers): void {
        $answer = $this->json($method, $path, $body);
        $contents = method_exists($answer->baseResponse, 'getFile') ? $answer->baseResponse->getFile()->getContent() : ($answer->baseResponse instanceof StreamedResponse ? $answer->streamedContent() : (string) $answer->getContent());
        $shown = json_decode($contents, true);
        $answers[withoutChance("{$method} {$path} ".($body === [] || isset($body['file']) ? '' : json_encode($body))).' no. '.(count($answers) + 1)] = [$answer->baseResponse->getStatusCode(), $shown ?? explode("\n", str_replace('<', "\n<", $contents))];
    };
    $api = fn (string $method, string $path, array $body = []) => $ask($method, "/studio/api/{$path}", $body);
    $version = fn (): int => Gallery::query()->findOrFail($this->gallery->id)->version;
    $picture = Picture::query()->orderBy('id')->firstOrFail();
    foreach (['session', 'galleries', $this->of, "{$this->of}/pulse", "{$this->of}/candidates", "{$this->of}/snags?mends=1", "{$this->of}/preview?design=".rawurlencode('{"layout":{"kind":"masonry","columns":3}}'), "{$this->of}/order?by=colour&seed=1", "{$this->of}/order?by=mood", 'pages',
        'pictures?limit=3&offset=2', 'pictures?words=kite+5', 'pictures?shape=portrait', 'pictures?colour=c03020', 'pictures?unused=1', 'pictures?undescribed=1', 'pictures?bin=1', 'pictures/look-alikes', "pictures/{$picture->id}", "pictures/{$picture->id}/uses", "{$this->of}/words.csv", 'sources', 'galleries/none'] as $path) {
        $api('GET', $path);
    }
    $fill = ['fill' => ['field' => 'title', 'act' => 'set', 'text' => '{title} {number}/{count} {album} {file}', 'from' => 3], 'items' => $this->ids];
    $api('POST', "{$this->of}/fill/preview", $fill);
    $api('POST', "{$this->of}/fill", [...$fill, 'version' => $version()]);
    $api('POST', "{$this->of}/words.csv/preview", ['file' => UploadedFile::fake()->createWithContent('words.csv', "item,title,alt\n{$this->ids[2]},New,A kite\nnobody,x,y\n")]);
    $api('POST', "{$this->of}/undo", ['version' => $version()]);
    $api('POST', "{$this->of}/redo", ['version' => 1]);
    $api('PATCH', $this->of, ['version' => 1, 'change' => ['kind' => 'words', 'words' => [$this->ids[0] => ['title' => 'Mine']]]]);
    $api('PATCH', $this->of, ['version' => $version(), 'change' => ['kind' => 'design', 'design' => ['layout' => ['columns' => 99]]]]);
    $api('PATCH', $this->of, ['version' => $version(), 'change' => ['kind' => 'explode']]);
    $api('PATCH', "pictures/{$picture->id}", ['words' => ['caption' => 'Of the picture itself'], 'keywords' => 'tide,  mud', 'focal' => [0.25, 0.75]]);
    $api('POST', 'pictures/bin', ['pictures' => [$picture->id]]);
    $api('PATCH', "panes/{$this->pane}", ['tile_size' => 'large']);
    $api('PATCH', "pages/{$this->pages['kites']->id}", ['menu_label' => 'Our kites']);
    $api('GET', $this->of);
    $ask('GET', "/studio/proof/{$this->gallery->id}");
    $ask('GET', "/studio/preview/{$this->pages['kites']->id}?gallery={$this->gallery->id}");
    $api('POST', "{$this->of}/live", ['version' => $version()]);
    foreach (['/kites', '/', "/embed/{$this->gallery->id}.json", '/nowhere'] as $path) {
        $ask('GET', $path);
    }
    $api('POST', "{$this->of}/order", ['version' => $version(), 'by' => 'reverse', 'seed' => 0]);
    $api('DELETE', "panes/{$this->pane}");
    $api('GET', $this->of);
    auth()->forgetGuards();
    $api('GET', 'session');
    $api('GET', 'galleries');

    $answers = json_decode(withoutChance((string) json_encode($answers, JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)), true);
    if (getenv('ZINC_GOLDEN') === 'write') {
        file_put_contents(GOLDEN_ANSWERS, json_encode($answers, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION)."\n");
    }
    $before = json_decode((string) file_get_contents(GOLDEN_ANSWERS), true);
    expect(array_keys($answers))->toBe(array_keys($before));
    foreach ($before as $asked => $answer) {
        expect($answers[$asked])->toBe($answer, "{$asked}; if that was meant: ZINC_GOLDEN=write vendor/bin/pest tests/Feature/AnswersTest.php, and read the difference");
    }
});
