<?php

declare(strict_types=1);

use App\Models\JournalEntry;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(3);
    [$this->a, $this->b, $this->c] = $this->gallery->items()->pluck('id')->all();
    $this->address = "/studio/api/galleries/{$this->gallery->id}";
    $this->items = fn (): array => array_column($this->getJson($this->address)->json('items'), null, 'id');
    $this->version = fn (): int => $this->gallery->refresh()->version;
});

it('tells which word is in force, and finds the way back to the picture\'s own', function (): void {
    $picture = ($this->items)()[$this->a]['picture']['id'];
    $this->patchJson("/studio/api/pictures/{$picture}", ['words' => ['alt' => 'A kite', 'caption' => 'Own caption']])->assertOk();
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->a => ['caption' => 'Here only', 'decorative' => true]]])->assertOk();
    $item = ($this->items)()[$this->a];
    expect($item['words']['alt'])->toBe('A kite')->and($item['words']['caption'])->toBe('Here only')->and($item['words']['decorative'])->toBeTrue()
        ->and($item['exceptions'])->toBe(['caption', 'decorative'])->and($item['picture']['words']['caption'])->toBe('Own caption')->and($item['flaws'])->toBe([]);
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->a => ['caption' => null, 'decorative' => null]]])->assertOk();
    $item = ($this->items)()[$this->a];
    expect($item['words']['caption'])->toBe('Own caption')->and($item['exceptions'])->toBe([]);
});

it('says that own words of a picture changed since it was live', function (): void {
    $this->putLive($this->gallery)->assertJsonPath('live.changes', []);
    $picture = ($this->items)()[$this->a]['picture']['id'];
    $this->patchJson("/studio/api/pictures/{$picture}", ['words' => ['alt' => 'A kite']])->assertOk();
    $this->getJson($this->address)->assertJsonPath('live.changes', ['changed the own words of a picture']);
    // It is told beside what was changed in the gallery, too.
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => 14]]])->assertJsonPath('live.changes', ['gap 8 px to 14 px', 'changed the own words of a picture']);
    $this->patchJson("/studio/api/pictures/{$picture}", ['words' => ['link' => 'javascript:1']])->assertStatus(422)->assertJsonPath('field', 'words.link');
});

it('reviews alt texts across the gallery, and says what to do', function (): void {
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->a => ['alt' => 'Image of a kite'], $this->b => ['alt' => 'image of a kite!']]])->assertOk();
    $items = ($this->items)();
    expect($items[$this->a]['flaws'])->toBe(['filler', 'repeated'])->and($items[$this->c]['flaws'])->toBe(['missing'])
        ->and(array_column($this->getJson('/studio/api/vocabulary')->json('flaws'), 'advice', 'code')['missing'])->toContain('decorative');
});

it('fills many after a look, and takes it back in one step', function (): void {
    $fill = ['field' => 'title', 'act' => 'set', 'text' => 'Kite {number} of {count} ({file})', 'from' => 5];
    $items = [$this->c, $this->a];
    $rows = $this->postJson("{$this->address}/fill/preview", ['fill' => $fill, 'items' => $items])->assertOk()->json('rows');
    expect(array_column($rows, 'after', 'item'))->toBe([$this->c => 'Kite 5 of 2 (kite-3)', $this->a => 'Kite 6 of 2 (kite-1)'])->and(($this->version)())->toBe(4);
    $this->postJson("{$this->address}/fill", ['fill' => $fill, 'items' => $items, 'version' => ($this->version)()])->assertOk();
    expect(array_map(fn ($item) => $item['words']['title'], ($this->items)()))->toBe([$this->a => 'Kite 6 of 2 (kite-1)', $this->b => 'Kite 2', $this->c => 'Kite 5 of 2 (kite-3)'])
        ->and(JournalEntry::query()->latest('id')->value('summary'))->toBe('changed the title of 2 pictures');
    $this->postJson("{$this->address}/undo", ['version' => ($this->version)()])->assertOk();
    expect(array_values(array_map(fn ($item) => $item['words']['title'], ($this->items)())))->toBe(['Kite 1', 'Kite 2', 'Kite 3']);
    $this->postJson("{$this->address}/fill/preview", ['fill' => ['text' => '{mood}'], 'items' => $items])->assertStatus(422)->assertJsonPath('code', 'setting-not-possible');
    $this->postJson("{$this->address}/fill", ['fill' => $fill, 'items' => ['nobody'], 'version' => ($this->version)()])->assertStatus(422)->assertJsonPath('code', 'change-not-possible');
});

it('sends the words out as CSV and takes them in, whatever spreadsheet wrote it', function (string $separator, string $start, string $end): void {
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->a => ['title' => '=1+1', 'caption' => "two\nlines, and \"more\""]]])->assertOk();
    $csv = $this->get("{$this->address}/words.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
    expect($csv)->toStartWith("\u{FEFF}item,file,title")->toContain("'=1+1");
    $send = fn (string $body, string $way = '') => $this->post("{$this->address}/words.csv{$way}", ['file' => UploadedFile::fake()->createWithContent('words.csv', $body), 'version' => ($this->version)()], ['Accept' => 'application/json']);
    $send($csv, '/preview')->assertOk()->assertExactJson(['words' => [], 'problems' => [], 'read_as' => 'UTF-8, separated by commas']);

    // As another spreadsheet would write it: one row changed, one broken, one that spans lines.
    $rows = [['item', 'caption', 'decorative'], [$this->a, "three\nlong\nlines", ''], ['gone', 'x', ''], [$this->c, 'Dry; and calm', 'yes']];
    $file = fopen('php://temp', 'r+b');
    foreach ($rows as $row) {
        fputcsv($file, $row, $separator, '"', '', $end);
    }
    rewind($file);
    $written = $start.stream_get_contents($file);
    $preview = $send($written, '/preview')->assertOk()->json();
    expect($preview['words'])->toBe([$this->a => ['caption' => "three\nlong\nlines"], $this->c => ['caption' => 'Dry; and calm', 'decorative' => true]])
        ->and($preview['problems'])->toBe([['line' => 5, 'says' => '"gone" is no picture of this gallery.']]);
    $send($written)->assertOk()->assertJsonCount(1, 'problems');
    expect(($this->items)()[$this->c]['words']['caption'])->toBe('Dry; and calm')->and(($this->items)()[$this->a]['words']['title'])->toBe('=1+1');
    $send(str_repeat('x', 20))->assertOk()->assertJsonPath('problems.0.line', 1);
})->with([
    'commas, with a mark' => [',', "\u{FEFF}", "\r\n"],
    'semicolons, without one' => [';', '', "\n"],
    'tabs' => ["\t", '', "\r\n"],
]);

it('reads letters of any alphabet, and those of old spreadsheets', function (string $written, string $read): void {
    $this->post("{$this->address}/words.csv", ['file' => UploadedFile::fake()->createWithContent('words.csv', "item,title\n{$this->a},{$written}\n"), 'version' => ($this->version)()], ['Accept' => 'application/json'])->assertOk();
    expect(($this->items)()[$this->a]['words']['title'])->toBe($read);
})->with([
    'as they are' => ['Kühl “凧”', 'Kühl “凧”'],
    'of an old spreadsheet' => ["K\xFChl \x93dry\x94", 'Kühl “dry”'],
    'with the separator within' => ['"Kühl, “凧”"', 'Kühl, “凧”'],
]);

it('orders after a look, and takes it back in one step', function (): void {
    $preview = $this->getJson("{$this->address}/order?by=reverse")->assertOk()->json('items');
    expect($preview)->toBe([$this->c, $this->b, $this->a])->and(array_keys(($this->items)()))->toBe([$this->a, $this->b, $this->c]);
    $this->postJson("{$this->address}/order", ['by' => 'reverse', 'version' => ($this->version)()])->assertOk();
    expect(array_keys(($this->items)()))->toBe($preview)->and(JournalEntry::query()->latest('id')->value('summary'))->toBe('reversed the order');
    $this->postJson("{$this->address}/undo", ['version' => ($this->version)()])->assertOk();
    expect(array_keys(($this->items)()))->toBe([$this->a, $this->b, $this->c]);
    $this->getJson("{$this->address}/order?by=shuffle&seed=7")->assertJsonPath('items', $this->getJson("{$this->address}/order?by=shuffle&seed=7")->json('items'));
    $this->getJson("{$this->address}/order?by=mood")->assertStatus(422)->assertJsonPath('field', 'by');
});

it('shows albums and hides what is hidden, to visitors too', function (): void {
    $this->change($this->gallery, ['kind' => 'albums', 'albums' => ['list' => [['id' => 'A', 'name' => 'Morning'], ['id' => 'B', 'name' => 'Evening']], 'view' => 'headings']])->assertOk();
    $this->change($this->gallery, ['kind' => 'albums', 'of' => [$this->a => 'B', $this->c => 'A']])->assertOk();
    $this->change($this->gallery, ['kind' => 'hide', 'items' => [$this->b], 'hidden' => true])->assertOk();
    $html = $this->getJson("{$this->address}/laid-out")->json('proof.html');
    expect(strpos($html, 'Morning'))->toBeLessThan(strpos($html, 'Evening'))->and(substr_count($html, '<li'))->toBe(2);
    $this->change($this->gallery, ['kind' => 'hide', 'items' => [$this->b], 'hidden' => false])->assertOk();
    // What is in no album comes first, without a heading.
    $html = $this->getJson("{$this->address}/laid-out")->json('proof.html');
    expect(substr_count($html, '<li'))->toBe(3)->and(substr_count($html, 'zp-name'))->toBe(2);
    $this->change($this->gallery, ['kind' => 'albums', 'albums' => ['list' => [['id' => 'A', 'name' => 'Morning']], 'view' => 'headings']])->assertOk();
    expect(($this->items)()[$this->a]['album'])->toBeNull();
    $this->postJson("{$this->address}/undo", ['version' => ($this->version)()])->assertOk();
    expect(($this->items)()[$this->a]['album'])->toBe('B');
});

it('takes texts of a few marks, and nothing that runs', function (string $given, string $kept): void {
    $id = $this->postJson("{$this->address}/texts", ['title' => 'News', 'text' => $given])->assertCreated()->json('items.0.id');
    expect(($this->items)()[$id]['text'])->toBe($kept)->and(($this->items)()[$id]['kind'])->toBe('text');
    $this->change($this->gallery, ['kind' => 'text', 'item' => $id, 'text' => '<p onclick="x()">Changed <u>here</u></p>'])->assertOk();
    expect(($this->items)()[$id]['text'])->toBe('<p>Changed here</p>');
    $this->putLive($this->gallery)->assertOk();
    expect(file_get_contents("{$this->files}/live/current/embed/{$this->gallery->id}.json"))->toContain('Changed here')->not->toContain('onclick');
})->with([
    'plain' => ["One & two\nthree\n\nfour", '<p>One &amp; two<br />three</p><p>four</p>'],
    'from a word processor' => ['<div class="Mso"><span style="color:red">Red <b>sail</b></span><script>alert(1)</script><img src=x onerror=alert(1)></div>', 'Red <b>sail</b>'],
    'a link' => ['<p><a href="javascript:alert(1)">a</a> <a href="https://saltreed.example/">b</a></p>', '<p><a rel="noopener">a</a> <a href="https://saltreed.example/" rel="noopener">b</a></p>'],
]);

it('refuses a text that is none, and a table that is too large, before it looks into them', function (): void {
    $id = $this->postJson("{$this->address}/texts", ['title' => 'News', 'text' => 'One'])->assertCreated()->json('items.0.id');
    foreach ([null, 5, ['x']] as $text) {
        $this->change($this->gallery, ['kind' => 'text', 'item' => $id, 'text' => $text])->assertStatus(422)->assertJsonPath('code', 'change-not-possible');
    }
    // Another change may carry what is called a text; nobody reads it there.
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Other'], 'text' => 5])->assertOk();
    $send = fn (int $kilobytes) => $this->post("{$this->address}/words.csv/preview", ['file' => UploadedFile::fake()->createWithContent('words.csv', str_pad("item,title\n", 1024 * $kilobytes))], ['Accept' => 'application/json']);
    $send(8 * 1024 + 1)->assertStatus(422)->assertJsonPath('errors.file.0', 'The table is larger than 8 MB. Split it.');
    $send(16)->assertOk();
});

it('lets two windows change different things, and clash over the same with both values', function (): void {
    $version = ($this->version)();
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->a => ['title' => 'Theirs']]])->assertOk();
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->a => ['title' => 'Mine']]], $version)->assertStatus(409)
        ->assertJsonPath('clashes', [['path' => "items.{$this->a}.words.title", 'label' => 'title', 'of' => 'Theirs', 'mine' => 'Mine', 'theirs' => 'Theirs']]);
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->b => ['title' => 'Mine']]], $version)->assertStatus(409)->assertJsonPath('clashes', []);
    // What was taken back since counts as well.
    $version = ($this->version)();
    $this->postJson("{$this->address}/undo", ['version' => $version])->assertOk();
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$this->a => ['title' => 'Mine']]], $version)->assertStatus(409)->assertJsonPath('clashes.0.theirs', 'the picture’s own');
});

it('has a pulse that changes with the gallery, its pictures and its places, and with nothing else', function (): void {
    $pulse = fn (): string => $this->getJson("{$this->address}/pulse")->assertOk()->json('stamp');
    $seen = [$pulse()];
    expect($pulse())->toBe($seen[0])->and($this->getJson($this->address)->json('stamp'))->toBe($seen[0]);
    $this->travel(2)->seconds();
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Other']]);
    $seen[] = $pulse();
    $this->patchJson('/studio/api/pictures/'.($this->items)()[$this->a]['picture']['id'], ['words' => ['alt' => 'x']]);
    $seen[] = $pulse();
    $this->postJson('/studio/api/panes', ['page_id' => App\Models\Page::query()->where('slug', 'kites')->value('id'), 'gallery_id' => $this->gallery->id, 'spot' => 1]);
    $seen[] = $pulse();
    $this->putLive($this->gallery);
    $seen[] = $pulse();
    expect(array_unique($seen))->toHaveCount(5);
});
