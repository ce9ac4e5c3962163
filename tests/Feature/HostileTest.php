<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\Picture;
use App\Models\SecurityEntry;
use App\Models\Upload;
use Bench\Faults\HostileFiles;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

it('answers no hostile file with a fault of its own, and keeps nothing of what it refuses', function (string $way): void {
    $this->signIn();
    $gallery = $this->emptyGallery();
    $seed = seed(11);
    $files = iterator_to_array((new HostileFiles(__DIR__.'/files', $seed))->all());
    $names = array_keys($files);
    $seen = $refused = [];
    // A part of them with every run, all of them in the long one.
    $every = max(1, intdiv(count($names), trials(count($names), $way === 'whole' ? 10 : 4)));
    foreach ($names as $at => $name) {
        if ($at % $every !== $seed % $every && ! str_starts_with((string) $name, 'says much')) {
            continue;
        }
        $path = "{$this->files}/hostile";
        file_put_contents($path, $files[$name]);
        $before = [Picture::query()->count(), count($this->storedFiles())];
        $answer = $way === 'whole'
            ? $this->post("/studio/api/galleries/{$gallery->id}/pictures", ['picture' => new UploadedFile($path, mb_scrub((string) $name), null, null, true)], ['Accept' => 'application/json'])
            : ($this->inParts)($gallery->id, mb_scrub((string) $name), $files[$name]);
        $status = $answer->getStatusCode();
        $seen[$status] = ($seen[$status] ?? 0) + 1;
        expect($status)->toBeIn([200, 201, 202, 413, 422], "{$name} of seed {$seed}: ".substr((string) $answer->getContent(), 0, 400));
        if ($status >= 400) {
            $refused[] = $name;
            $answer->assertHeader('Content-Type', 'application/problem+json');
            expect([Picture::query()->count(), count($this->storedFiles())])->toBe($before, "something of {$name} was stored");
        }
    }
    fwrite(STDERR, isLong() ? "\n{$way}: ".array_sum($seen).' files, answers '.json_encode($seen)."\n" : '');
    expect(array_sum($seen))->toBeGreaterThan(trials(50, 6))->and(count($refused))->toBeGreaterThan(trials(25, 2))
        ->and(SecurityEntry::query()->where('kind', 'file-refused')->count())->toBeGreaterThanOrEqual(count($refused))
        ->and(glob("{$this->files}/parts/*"))->toBe([])->and(Batch::query()->whereNotIn('state', ['done', 'failed'])->count())->toBe(0);
})->with(['whole', 'in parts']);

beforeEach(function (): void {
    $this->inParts = function (string $gallery, string $name, string $bytes) {
        if ($bytes === '') {
            return $this->postJson('/studio/api/galleries/'.$gallery.'/pictures', []);
        }
        $of = ['Tus-Resumable' => '1.0.0', 'Accept' => 'application/json'];
        $begun = $this->post('/studio/api/uploads', [], [...$of, 'Upload-Length' => strlen($bytes), 'Upload-Metadata' => 'filename '.base64_encode($name).',gallery '.base64_encode($gallery)]);
        $at = 0;
        $id = Upload::query()->latest('id')->value('id');
        foreach (str_split($bytes, max(1, (int) ceil(strlen($bytes) / 3))) as $part) {
            $begun = $this->call('PATCH', "/studio/api/uploads/{$id}", [], [], [], $this->transformHeadersToServerVars([...$of, 'Upload-Offset' => $at, 'Content-Type' => 'application/offset+octet-stream']), $part);
            $at += strlen($part);
        }

        return $begun;
    };
});

it('takes what is slightly damaged with a word, and refuses what is cut off', function (): void {
    $this->signIn();
    $gallery = $this->emptyGallery();
    $path = $this->pictureFile('jpg', 1200, 800, 5);
    $sound = file_get_contents($path);
    $length = strlen($sound);
    // A stretch within the picture's own data is another one: it reads on, but not as it was.
    file_put_contents($path, substr_replace($sound, str_repeat("\x55", 64), intdiv($length, 2), 64));
    $this->upload($gallery, $path, 'scratched.jpg')->assertCreated()->assertJsonPath('notice', '“scratched.jpg” is damaged inside: parts of it may be grey or shifted. Look at it closely, or copy it again from where it came from.');
    file_put_contents($path, substr($sound, 0, intdiv($length, 2)));
    $this->upload($gallery, $path, 'cut.jpg')->assertStatus(422)->assertJsonPath('code', 'damaged-file');
    file_put_contents($path, $sound);
    $this->upload($gallery, $path, 'sound.jpg')->assertCreated()->assertJsonPath('notice', fn (?string $notice): bool => ! str_contains((string) $notice, 'damaged'));
});

it('refuses one of a ZIP whose checksum is another, and takes the rest', function (): void {
    $this->signIn();
    $gallery = $this->emptyGallery();
    $path = "{$this->files}/in.zip";
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::CREATE);
    foreach ([1, 2, 3] as $seed) {
        $zip->addFile($this->pictureFile('jpg', 300, 200, $seed), "kite-{$seed}.jpg");
        $zip->setCompressionIndex($seed - 1, ZipArchive::CM_STORE);
    }
    $zip->close();
    $bytes = file_get_contents($path);
    $at = strpos($bytes, 'kite-2.jpg') + 2000;
    $bytes[$at] = chr(ord($bytes[$at]) ^ 1);
    $batch = ($this->inParts)($gallery->id, 'in.zip', $bytes)->assertStatus(202)->json('batch.id');
    $outcomes = collect(Batch::query()->find($batch)->outcomes)->pluck('state', 'name')->all();
    expect($outcomes)->toBe(['kite-1.jpg' => 'ready', 'kite-2.jpg' => 'failed', 'kite-3.jpg' => 'ready'])
        ->and(Batch::query()->find($batch)->outcomes[1]['note'])->toContain('checksum');
});

it('goes on where one of a ZIP cannot be unpacked to its end', function (): void {
    $this->signIn();
    $gallery = $this->emptyGallery();
    $path = "{$this->files}/in.zip";
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::CREATE);
    foreach ([1, 2] as $seed) {
        $zip->addFile($this->pictureFile('png', 300, 200, $seed), "kite-{$seed}.png");
        $zip->setCompressionIndex($seed - 1, ZipArchive::CM_DEFLATE);
    }
    $zip->close();
    $bytes = file_get_contents($path);
    // The head of the first block of what is deflated: a kind of block that there is none of.
    $bytes[30 + strlen('kite-1.png')] = "\x07";
    $batch = ($this->inParts)($gallery->id, 'in.zip', $bytes)->assertStatus(202)->json('batch.id');
    expect(collect(Batch::query()->find($batch)->outcomes)->pluck('state', 'name')->all())->toBe(['kite-1.png' => 'failed', 'kite-2.png' => 'ready'])
        ->and(Batch::query()->find($batch)->state)->toBe('done');
});

it('publishes a video without place and maker, and its picture and sound as they were', function (string $file): void {
    $this->signIn();
    $gallery = $this->emptyGallery();
    $path = "{$this->files}/{$file}";
    $told = "{$this->files}/told.".pathinfo($file, PATHINFO_EXTENSION);
    copy(__DIR__."/files/{$file}", $path);
    exec('ffmpeg -v error -y -i '.escapeshellarg($path).' -c copy -metadata location="+54.5+008.9/" -metadata:g make="Box Works" -metadata com.apple.quicktime.location.ISO6709="+54.5+008.9/" -metadata title="Kite" -metadata artist="Someone" -movflags use_metadata_tags '.escapeshellarg($told), $out, $status);
    expect($status)->toBe(0)->and((string) file_get_contents($told))->toContain('Someone');
    $this->upload($gallery, $told, $file)->assertCreated();
    $video = Picture::query()->sole();
    $poster = Tests\SeededPicture::of($this->pictureFile('jpg', 640, 360, 3), 'poster.jpg');
    $video->update(['poster_id' => $poster->id]);
    $this->putLive($gallery)->assertOk();
    $live = "{$this->files}/live/media/{$video->rendition_key}/{$video->videoFile()}";
    expect(file_get_contents($live))->not->toContain('Someone')->not->toContain('+54.5')->not->toContain('Box Works')
        ->and((string) shell_exec('exiftool -q -q -ee -GPS\* -Location\* -Make -Artist '.escapeshellarg($live)))->toBe('')
        ->and(hash_file('sha256', "{$this->files}/originals/{$video->originalPath()}"))->toBe(hash_file('sha256', $told));
    // An independent reader: every packet of every stream is the same.
    $packets = static fn (string $of): string => (string) shell_exec('ffmpeg -v error -i '.escapeshellarg($of).' -map 0:v -map 0:a? -c copy -f streamhash -hash md5 - 2>/dev/null');
    expect($packets($live))->toBe($packets($told))->not->toBe('');
})->with(['clip.mp4', 'clip.webm']);

it('leaves a batch its lock, however long it takes', function (): void {
    $this->signIn();
    $batch = Batch::query()->create(['user_id' => auth()->id(), 'name' => 'kites.zip', 'total' => 0, 'state' => 'running']);
    $over = Batch::query()->create(['user_id' => auth()->id(), 'name' => 'reels.zip', 'total' => 0, 'state' => 'done']);
    is_dir("{$this->files}/parts") || mkdir("{$this->files}/parts", 0755, true);
    foreach ([$batch, $over] as $each) {
        touch("{$this->files}/parts/{$each->id}.lock", time() - 86_400);
    }
    $this->artisan('zinc:sweep')->assertSuccessful();
    expect(array_map(basename(...), glob("{$this->files}/parts/*")))->toBe(["{$batch->id}.lock"]);
});

it('sweeps what killed work left, and nothing else', function (): void {
    $this->signIn();
    $this->galleryOf(1);
    $kept = $this->storedFiles();
    $hex = bin2hex(random_bytes(6));
    foreach (["renditions/ab/.work-{$hex}/base.tif", "originals/ab/cd.jpg.{$hex}", "live/media/abc/540.webp.{$hex}", 'parts/'.Str::ulid(), 'parts/'.Str::ulid().'.0011223344556677'] as $left) {
        is_dir(dirname("{$this->files}/{$left}")) || mkdir(dirname("{$this->files}/{$left}"), 0755, true);
        file_put_contents("{$this->files}/{$left}", 'x');
    }
    symlink('builds/none', "{$this->files}/live/.next-{$hex}");
    $waiting = Upload::query()->create(['user_id' => auth()->id(), 'name' => 'kite.jpg', 'bytes' => 9]);
    file_put_contents("{$this->files}/parts/{$waiting->id}", 'x');
    $this->artisan('zinc:sweep')->assertSuccessful();
    expect(count($this->storedFiles()))->toBeGreaterThan(count($kept));
    $this->artisan('zinc:sweep --start')->assertSuccessful();
    expect($this->storedFiles())->toBe($kept)->and(array_map(basename(...), glob("{$this->files}/parts/*")))->toBe([$waiting->id]);
});
