<?php

declare(strict_types=1);

use App\Console\CheckCommand;
use App\Console\ExportCommand;
use App\Console\GalleryOption;
use App\Console\ImportCommand;
use App\Exchange\AddToGallery;
use App\Models\Gallery;
use App\Models\Picture;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Queue;

covers(ImportCommand::class, ExportCommand::class, CheckCommand::class, GalleryOption::class, AddToGallery::class);

/* The shell: what it says, and what it answers by. */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->folder = "{$this->files}/walk";
    mkdir($this->folder);
    foreach ([1, 2, 10] as $n) {
        copy($this->pictureFile('jpg', 120, 80, $n), "{$this->folder}/kite {$n}.jpg");
    }
    $this->run = function (string $command, array $told = []): array {
        $code = Artisan::call($command, $told);

        return [$code, Artisan::output()];
    };
});

it('makes a gallery of a folder, puts it live, adds to it, and takes it along', function (): void {
    [$code, $said] = ($this->run)('zinc:import', ['source' => $this->folder, '--gallery' => 'A walk', '--live' => true]);
    $gallery = Gallery::query()->sole();
    expect([$code, $gallery->title, $gallery->edition_id !== null])->toBe([0, 'A walk', true])->and($said)->toContain('3 pictures')->toContain('It is live.')->toContain($gallery->id)
        ->and($gallery->items()->with('picture')->get()->map(static fn ($item): string => $item->picture->name)->all())->toBe(['kite 1.jpg', 'kite 2.jpg', 'kite 10.jpg']);
    // More of it, with words; what is there is not there twice.
    file_put_contents("{$this->folder}/words.csv", "file,title\nkite 2.jpg,The second\nkite 11.jpg,The last\ngone.jpg,Gone\n");
    copy($this->pictureFile('jpg', 120, 80, 11), "{$this->folder}/kite 11.jpg");
    [$code, $said] = ($this->run)('zinc:import', ['source' => $this->folder, '--gallery' => 'A walk']);
    expect($code)->toBe(1)->and($said)->toContain('Named, and not there: gone.jpg')->and(Gallery::query()->count())->toBe(1)
        ->and($gallery->items()->with('picture')->get()->map(static fn ($item): string => $item->words()->title)->slice(-3)->values()->all())->toBe(['The second', 'Kite 10', 'The last']);
    $file = "{$this->files}/a-walk.zip";
    [$code, $said] = ($this->run)('zinc:export', ['gallery' => $gallery->id, 'file' => $file]);
    expect($code)->toBe(0)->and($said)->toContain($file);
    expect(($this->run)('zinc:export', ['gallery' => 'A walk', 'file' => $file])[0])->toBe(1)->and(($this->run)('zinc:export', ['gallery' => 'Nobody', 'file' => "{$file}2"])[0])->toBe(1);
    expect(($this->run)('zinc:export', ['gallery' => 'A walk', 'file' => "{$this->files}/pages.zip", '--pages' => true])[0])->toBe(0);
    [$code, $said] = ($this->run)('zinc:import', ['source' => $file]);
    expect($code)->toBe(0)->and($said)->toContain('a gallery of this program')->and(Gallery::query()->count())->toBe(2)->and(glob("{$this->files}/*.zip.*"))->toBe([]);
});

it('says what was not taken, and answers by it', function (): void {
    file_put_contents("{$this->folder}/broken.jpg", 'no picture');
    [$code, $said] = ($this->run)('zinc:import', ['source' => $this->folder]);
    expect($code)->toBe(1)->and($said)->toContain('broken.jpg')->and(Gallery::query()->sole()->items()->count())->toBe(3);
    [$code] = ($this->run)('zinc:import', ['source' => "{$this->files}/nowhere"]);
    expect($code)->toBe(2);
    file_put_contents("{$this->files}/bad.zip", 'no zip');
    expect(($this->run)('zinc:import', ['source' => "{$this->files}/bad.zip"])[0])->toBe(2)->and(Picture::query()->count())->toBe(3);
    [$code, $said] = ($this->run)('zinc:import', ['source' => $this->folder, '--look' => true]);
    expect($code)->toBe(0)->and(Gallery::query()->count())->toBe(1);
});

it('checks a page of another site', function (): void {
    $gallery = $this->galleryOf(2, 50);
    $this->putLive($gallery)->assertOk();
    $line = $this->getJson("/studio/api/galleries/{$gallery->id}/elsewhere")->json('kinds.0.pieces.0.text');
    file_put_contents("{$this->files}/well.html", "<p>{$line}</p>");
    file_put_contents("{$this->files}/ill.html", '<p>'.preg_replace('~<script.*~', '', $line).'</p>');
    expect(($this->run)('zinc:check', ['page' => "{$this->files}/well.html"]))->toBe([0, "All is as it was copied.\n"]);
    [$code, $said] = ($this->run)('zinc:check', ['page' => "{$this->files}/ill.html"]);
    expect($code)->toBe(1)->and($said)->toContain('the script that fills it is missing')->and(($this->run)('zinc:check', ['page' => "{$this->files}/none.html"])[0])->toBe(1);
});
