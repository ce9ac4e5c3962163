<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\Gallery;
use App\Models\JournalEntry;
use App\Models\Picture;
use App\Models\Upload;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    $this->leaveRenditions();
    $this->signIn();
    $this->gallery = Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->json('id'));
    $this->begin = fn (int $bytes, string $name, array $more = []): TestResponse => $this->post('/studio/api/uploads', [], [
        'Upload-Length' => (string) $bytes, 'Accept' => 'application/json',
        'Upload-Metadata' => 'filename '.base64_encode($name).implode('', array_map(fn ($key, $value) => ",{$key} ".base64_encode((string) $value), array_keys($more), $more)),
    ]);
    $this->part = fn (string $address, int $offset, string $bytes): TestResponse => $this->call('PATCH', $address, [], [], [], [
        'HTTP_UPLOAD_OFFSET' => (string) $offset, 'CONTENT_TYPE' => 'application/offset+octet-stream', 'HTTP_ACCEPT' => 'application/json',
    ], $bytes);
    $this->whole = function (string $path, string $name, array $more = []): TestResponse {
        $bytes = file_get_contents($path);

        return ($this->part)(($this->begin)(strlen($bytes), $name, $more)->headers->get('Location'), 0, $bytes);
    };
    /** A ZIP of entries by name; a list is contents and what is done to the archive for it. */
    $this->zip = function (array $entries): string {
        $path = "{$this->files}/".bin2hex(random_bytes(4)).'.zip';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        foreach ($entries as $name => $entry) {
            [$contents, $also] = is_array($entry) ? $entry : [$entry, null];
            $zip->addFromString($name, $contents);
            $also === null ?: $also($zip, $name);
        }
        $zip->close();

        return $path;
    };
});

it('takes a file in parts, and goes on after a lost connection', function (): void {
    $this->upload($this->gallery, $this->pictureFile(seed: 5), 'first.jpg');
    $bytes = file_get_contents($this->pictureFile(seed: 6));
    $address = ($this->begin)(strlen($bytes), 'in parts.jpg', ['gallery' => $this->gallery->id])->assertCreated()->assertHeader('Tus-Resumable', '1.0.0')->headers->get('Location');
    ($this->part)($address, 0, substr($bytes, 0, 1000))->assertNoContent()->assertHeader('Upload-Offset', '1000');
    ($this->part)($address, 500, substr($bytes, 500, 900))->assertStatus(409)->assertSee('1000 bytes have arrived');
    $this->call('HEAD', $address)->assertOk()->assertHeader('Upload-Offset', '1000')->assertHeader('Upload-Length', (string) strlen($bytes));
    $answer = ($this->part)($address, 1000, substr($bytes, 1000))->assertCreated()->assertJsonPath('picture.name', 'in parts.jpg')->assertJsonPath('known', false);
    expect($this->gallery->items()->reorder('position', 'desc')->value('picture_id'))->toBe($answer->json('picture.id'))
        ->and(glob("{$this->files}/parts/*"))->toBe([]);
    // Who never heard of it asks again, and is told the same.
    $this->call('HEAD', $address)->assertOk()->assertHeader('Upload-Offset', (string) strlen($bytes));
    $this->getJson("{$address}/outcome")->assertCreated()->assertJsonPath('picture.id', $answer->json('picture.id'));
    expect(Picture::query()->count())->toBe(2)->and($this->gallery->items()->count())->toBe(2);
});

it('finishes a file whose last part came while the server went down, as soon as somebody asks', function (string $ask): void {
    $bytes = file_get_contents($this->pictureFile(seed: 41));
    $address = ($this->begin)(strlen($bytes), 'cut.jpg', ['gallery' => $this->gallery->id])->headers->get('Location');
    // Everything is written down, and nobody was told: as after a kill.
    @mkdir("{$this->files}/parts");
    file_put_contents("{$this->files}/parts/".basename($address), $bytes);
    $ask === 'HEAD' ? $this->call('HEAD', $address)->assertOk()->assertHeader('Upload-Offset', (string) strlen($bytes)) : $this->getJson("{$address}/outcome")->assertCreated();
    expect($this->gallery->items()->count())->toBe(1)->and(glob("{$this->files}/parts/*"))->toBe([]);
    $this->getJson("{$address}/outcome")->assertSuccessful()->assertJsonPath('picture.name', 'cut.jpg');
    expect($this->gallery->items()->count())->toBe(1);
})->with(['HEAD', 'GET']);

it('tells the outcome of a file that is not whole yet to nobody, and an empty one is refused at once', function (): void {
    $address = ($this->begin)(5000, 'half.jpg')->headers->get('Location');
    $this->getJson("{$address}/outcome")->assertNotFound();
    ($this->begin)(0, 'nothing.jpg')->assertStatus(422)->assertJsonPath('code', 'empty-file')->assertSee('nothing.jpg');
    file_put_contents("{$this->files}/bad", 'no picture at all');
    $refused = ($this->begin)(17, 'bad.jpg')->headers->get('Location');
    ($this->part)($refused, 0, 'no picture at all')->assertStatus(422);
    $this->call('HEAD', $refused)->assertOk();
    $this->getJson("{$refused}/outcome")->assertStatus(422)->assertJsonPath('code', 'not-a-picture')->assertSee('bad.jpg');
});

it('puts what was dropped together in as one act, in the order it was dropped, though some of it fails', function (): void {
    $entries = JournalEntry::query()->count();
    $drop = fn (int $place, ?string $path = null) => ($this->whole)($path ?? $this->pictureFile(seed: 300 + $place), "{$place}.jpg", ['gallery' => $this->gallery->id, 'batch' => 'drop-9', 'place' => $place, 'of' => 5]);
    $drop(3)->assertCreated();
    $drop(1)->assertCreated();
    $drop(4)->assertCreated();
    file_put_contents("{$this->files}/bad", 'no picture at all');
    $drop(2, "{$this->files}/bad")->assertStatus(422);
    // More may come: those that are here are shown after a while all the same.
    $this->travel(3)->seconds();
    $this->getJson("/studio/api/galleries/{$this->gallery->id}/pulse")->assertOk();
    expect($this->gallery->items()->count())->toBe(3);
    $this->travel(20)->seconds();
    $drop(0)->assertCreated();
    expect(array_column(array_column($this->getJson("/studio/api/galleries/{$this->gallery->id}")->json('items'), 'picture'), 'name'))->toBe(['0.jpg', '1.jpg', '3.jpg', '4.jpg'])
        ->and(JournalEntry::query()->count())->toBe($entries + 1)->and(JournalEntry::query()->latest('id')->value('summary'))->toBe('put in 4 pictures');
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/undo", ['version' => $this->gallery->refresh()->version])->assertOk();
    expect($this->gallery->items()->count())->toBe(0);
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/redo", ['version' => $this->gallery->refresh()->version])->assertOk();
    expect($this->gallery->items()->count())->toBe(4);
});

it('lets files that were dropped together stand in their order, whatever order they arrive in', function (array $arrivals): void {
    $this->upload($this->gallery, $this->pictureFile(seed: 99), 'before.jpg');
    foreach ($arrivals as $place) {
        ($this->whole)($this->pictureFile(seed: 100 + $place), "{$place}.jpg", ['gallery' => $this->gallery->id, 'batch' => 'drop-1', 'place' => $place])->assertCreated();
    }
    ($this->whole)($this->pictureFile(seed: 200), 'other.jpg', ['gallery' => $this->gallery->id, 'batch' => 'drop-2', 'place' => 0])->assertCreated();
    sort($arrivals);
    expect(array_column(array_column($this->getJson("/studio/api/galleries/{$this->gallery->id}")->json('items'), 'picture'), 'name'))
        ->toBe(['before.jpg', ...array_map(fn (int $place): string => "{$place}.jpg", $arrivals), 'other.jpg']);
})->with(sample([[[2, 10, 0]], [[2, 10, 0, 11, 1]], [[0, 1, 4, 3, 2]], [[4, 3, 1, 0]]], 1));

it('refuses parts that do not belong, and other people\'s', function (): void {
    $address = ($this->begin)(10, 'a.jpg')->headers->get('Location');
    ($this->part)($address, 0, str_repeat('x', 11))->assertStatus(413)->assertJsonPath('code', 'part-not-taken');
    $this->call('HEAD', $address)->assertHeader('Upload-Offset', '0');
    // What had arrived before stays.
    ($this->part)($address, 0, 'abcd')->assertNoContent();
    ($this->part)($address, 4, '1234567')->assertStatus(413);
    $this->call('HEAD', $address)->assertHeader('Upload-Offset', '4');
    $this->call('PATCH', $address, [], [], [], ['HTTP_ACCEPT' => 'application/json'], 'x')->assertStatus(400);
    $this->post('/studio/api/uploads', [], ['Accept' => 'application/json'])->assertStatus(400);
    ($this->begin)(3 * 1024 ** 3, 'huge.jpg')->assertStatus(422)->assertJsonPath('code', 'file-too-large');
    App\Models\User::query()->create(['name' => 'Other', 'email' => 'other@saltreed.example', 'password' => 'x']);
    $this->actingAs(App\Models\User::query()->where('name', 'Other')->sole());
    $this->call('HEAD', $address)->assertNotFound();
    ($this->part)($address, 0, 'x')->assertNotFound();
});

it('keeps nothing of a file that is refused', function (): void {
    ($this->whole)($this->pictureFile(), 'good.jpg')->assertCreated();
    $before = $this->storedFiles();
    file_put_contents("{$this->files}/bad", 'no picture at all');
    ($this->whole)("{$this->files}/bad", 'bad.jpg', ['gallery' => $this->gallery->id])->assertStatus(422)->assertJsonPath('code', 'not-a-picture')->assertSee('bad.jpg');
    expect($this->storedFiles())->toBe($before)->and(glob("{$this->files}/parts/*"))->toBe([])->and($this->gallery->items()->count())->toBe(0);
});

it('throws away what was begun and never finished, counted from its last part', function (): void {
    $address = ($this->begin)(10, 'a.jpg')->headers->get('Location');
    ($this->part)($address, 0, 'abc');
    foreach (['d', 'e', 'f'] as $at => $byte) {
        $this->travel(1)->days();
        ($this->part)($address, 3 + $at, $byte)->assertNoContent();
        ($this->begin)(10, "{$byte}.jpg");
    }
    expect(Upload::query()->where('name', 'a.jpg')->exists())->toBeTrue();
    $this->travel(3)->days();
    ($this->begin)(10, 'b.jpg');
    expect(Upload::query()->pluck('name')->all())->toBe(['b.jpg'])->and(glob("{$this->files}/parts/*"))->toBe([]);
});

it('takes the good pictures out of a ZIP and says what is wrong with the rest', function (): void {
    $jpeg = file_get_contents($this->pictureFile(seed: 1));
    $link = fn (ZipArchive $zip, string $name) => $zip->setExternalAttributesName($name, ZipArchive::OPSYS_UNIX, 0xA1FF << 16);
    $locked = fn (ZipArchive $zip, string $name) => $zip->setEncryptionName($name, ZipArchive::EM_AES_256, 'secret');
    $path = ($this->zip)([
        'day one/kite.jpg' => $jpeg,
        'day one/second.png' => file_get_contents($this->pictureFile('png', seed: 2)),
        'again.jpg' => $jpeg,
        'notes.txt' => 'hello',
        '../out.jpg' => $jpeg,
        '/absolute.jpg' => $jpeg,
        'C:\\windows.jpg' => $jpeg,
        'link.jpg' => ['/etc/passwd', $link],
        'locked.jpg' => [$jpeg, $locked],
        'inner.zip' => file_get_contents(($this->zip)(['x.jpg' => $jpeg])),
        'bomb.jpg' => str_repeat("\0", 30 * 1024 * 1024),
        'half.jpg' => substr($jpeg, 0, -2000),
        '__MACOSX/._kite.jpg' => 'litter',
    ]);
    $batch = ($this->whole)($path, 'pictures.zip', ['gallery' => $this->gallery->id])->assertStatus(202)->json('batch');
    $done = $this->getJson("/studio/api/batches/{$batch['id']}")->assertOk()->assertJsonPath('state', 'done')->json();
    $told = array_map(fn (array $outcome): string => $outcome['state'].': '.$outcome['note'], array_column($done['outcomes'], null, 'name'));
    expect($done['total'])->toBe(12)
        ->and($told['day one/kite.jpg'])->toBe('ready: ')->and($told['day one/second.png'])->toBe('ready: ')
        ->and($told['again.jpg'])->toContain('here already')
        ->and($told['notes.txt'])->toContain('not a picture')
        ->and($told['../out.jpg'])->toContain('leads out')->and($told['/absolute.jpg'])->toContain('leads out')->and($told['C:\\windows.jpg'])->toContain('leads out')
        ->and($told['link.jpg'])->toContain('link')->and($told['locked.jpg'])->toContain('password')
        ->and($told['inner.zip'])->toContain('ZIP inside a ZIP')
        ->and($told['bomb.jpg'])->toContain('hundredfold')
        ->and($told['half.jpg'])->toContain('cut off')
        ->and(Picture::query()->pluck('name')->sort()->values()->all())->toBe(['kite.jpg', 'second.png'])
        ->and($this->gallery->items()->count())->toBe(2)
        ->and(glob("{$this->files}/parts/*"))->toBe([]);
});

it('opens no ZIP that is none, has too much in it, or is larger than may be', function (): void {
    file_put_contents("{$this->files}/cut.zip", substr(file_get_contents(($this->zip)(['a.jpg' => random_bytes(500)])), 0, -40));
    ($this->whole)("{$this->files}/cut.zip", 'cut.zip')->assertStatus(422)->assertJsonPath('code', 'damaged-file');
    config(['zinc.limits.zip_entries' => 2]);
    ($this->whole)(($this->zip)(['a' => 'a', 'b' => 'b', 'c' => 'c']), 'many.zip')->assertStatus(422)->assertJsonPath('code', 'too-many-entries');
    config(['zinc.limits.zip_entries' => 20, 'zinc.limits.zip_unpacked_bytes' => 20000]);
    $noise = random_bytes(15000);
    $batch = ($this->whole)(($this->zip)(['a.jpg' => $noise, 'b.jpg' => $noise]), 'much.zip')->json('batch.id');
    expect(array_column(Batch::query()->findOrFail($batch)->outcomes, 'note')[1])->toContain('larger than');
    expect(Picture::query()->count())->toBe(0);
});

it('takes pictures of the camera card, and knows what is new on it', function (): void {
    $card = fn (): array => collect($this->getJson('/studio/api/sources/card')->assertOk()->json('files'))->keyBy('title')->all();
    $files = $card();
    expect($files)->toHaveCount(7)->and(array_column($files, 'new'))->not->toContain(false);
    $wanted = $files['MB020314.jpg']['id'];
    $this->get("/studio/api/sources/card/files/{$wanted}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $batch = $this->postJson('/studio/api/sources/card/take', ['files' => [$wanted], 'gallery' => $this->gallery->id])->assertStatus(202)->json('batch.id');
    $this->getJson("/studio/api/batches/{$batch}")->assertJsonPath('state', 'done')->assertJsonPath('outcomes.0.state', 'ready');
    $picture = Picture::query()->sole();
    expect($picture->title)->toBe('Old roller, low over the grass')->and($picture->source)->toBe('card')->and($picture->taken_at->format('H:i'))->toBe('14:30')
        ->and($this->gallery->items()->count())->toBe(1);
    // Next time nothing is new, and one is taken already.
    $files = $card();
    expect(array_column($files, 'new'))->not->toContain(true)->and($files['MB020314.jpg']['taken'])->toBeTrue()->and($files['MB020311.jpg']['taken'])->toBeFalse();
    $this->getJson('/studio/api/sources/card?new=1')->assertJsonPath('files', []);
});

it('searches the stock shelf by keyword, category and colour, and keeps credit and licence', function (): void {
    $titles = fn (string $query): array => array_column($this->getJson("/studio/api/sources/shelf?{$query}")->assertOk()->json('files'), 'title');
    expect($titles('words=boat+water'))->toEqualCanonicalizing(['Three boats', 'Hut by the water'])
        ->and($titles('category=night'))->toEqualCanonicalizing(['Lanterns', 'Lights on water'])
        ->and($titles('colour=1a2540'))->each->toBeIn(['Lanterns', 'Lights on water', 'Storm coming', 'Coloured reels'])
        ->and($titles('colour=1a2540'))->not->toBe([])
        ->and($titles('words=zeppelin'))->toBe([]);
    $this->postJson('/studio/api/sources/shelf/take', ['files' => ['three-boats.jpg']])->assertStatus(202);
    $picture = Picture::query()->sole();
    expect([$picture->credit, $picture->licence, $picture->alt, $picture->keywords, $picture->source])->toBe(['Odo Fenn', 'free with credit', 'Three small boats on calm water at noon', 'boat, water, creek', 'shelf']);
    foreach (['../../../.env', 'index.json', 'nothing.jpg'] as $file) {
        $this->postJson('/studio/api/sources/shelf/take', ['files' => [$file]])->assertNotFound();
        $this->getJson('/studio/api/sources/shelf/files/'.rawurlencode($file))->assertNotFound();
    }
    $this->getJson('/studio/api/sources/attic')->assertNotFound();
});
