<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\JournalEntry;
use App\Models\Picture;
use App\Upgrading\OldDesigns;
use App\Upgrading\OldEditions;
use App\Upgrading\OldEntries;
use App\Upgrading\OldPictures;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use ZincPane\Core\Colour\LookAlikes;
use ZincPane\Core\Colour\Oklab;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Design\GalleryDesign;

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->galleryOf(3);
    $this->golden = static fn (string $file): array => json_decode((string) file_get_contents(__DIR__."/../golden/schema-1/{$file}.json"), true);
    // As an earlier version left it: design, an act with what takes it back, and what visitors see.
    $this->age = function (array $large = []): void {
        $old = ['kind' => 'grid', 'column_rule' => 'count', 'columns' => 5, 'filling' => 'fit', 'at_first' => 'rows', 'first_rows' => 2, 'gap' => 3, 'large' => $large];
        DB::table('galleries')->where('id', $this->gallery->id)->update(['design' => json_encode(['schema' => 1, 'layout' => $old])]);
        DB::table('journal_entries')->where('gallery_id', $this->gallery->id)->update([
            'schema' => 1,
            'change' => json_encode(['kind' => 'design', 'design' => ['layout' => ['filling' => 'fit', 'gap' => 3]]]),
            'inverse' => json_encode(['kind' => 'design', 'design' => ['layout' => ['filling' => 'crop', 'gap' => 8]]]),
        ]);
        DB::table('editions')->insert(['id' => '01m8apahvn1x5rmnefef8ex8q4', 'gallery_id' => $this->gallery->id, 'version' => 1, 'content' => json_encode(($this->golden)('edition')), 'created_at' => now()]);
        Gallery::query()->whereKey($this->gallery->id)->update(['edition_id' => '01m8apahvn1x5rmnefef8ex8q4']);
    };
    $this->schemas = static fn (): array => [
        'designs' => DB::table('galleries')->pluck('design')->map(static fn ($json) => json_decode($json, true)['schema'] ?? 1)->unique()->values()->all(),
        'entries' => DB::table('journal_entries')->distinct()->pluck('schema')->all(),
        'editions' => DB::table('editions')->pluck('content')->map(static fn ($json) => json_decode($json, true)['design']['schema'])->unique()->values()->all(),
    ];
});

it('goes on with what an earlier version stored, before anything was brought up', function (): void {
    ($this->age)();
    $design = $this->gallery->refresh()->design;
    expect($design->layout->columns)->toBe(5)->and($design->layout->objectFit->value)->toBe('contain')->and($design->layout->initialRows)->toBe(2)
        ->and($this->gallery->edition->content->items)->toHaveCount(5);
    $answer = $this->getJson("/studio/api/galleries/{$this->gallery->id}")->assertOk();
    expect($answer->json('design.layout.object_fit'))->toBe('contain');
    // An act of then is taken back now.
    $this->postJson("/studio/api/galleries/{$this->gallery->id}/undo", ['version' => $this->gallery->version])->assertOk()
        ->assertJsonPath('design.layout.gap', 8)->assertJsonPath('design.layout.object_fit', 'cover');
});

it('brings everything up, tells how far it is, and has nothing left to do after that', function (): void {
    ($this->age)();
    Artisan::call('zinc:bring-up');
    expect(Artisan::output())->toContain('Bringing up 1 designs of galleries')->toContain('acts in the histories')->toContain('1 editions')->toContain('100%')
        ->and(($this->schemas)())->toBe(['designs' => [GalleryDesign::SCHEMA], 'entries' => [GalleryDesign::SCHEMA], 'editions' => [GalleryDesign::SCHEMA]])
        ->and($this->gallery->refresh()->design->layout->initialView->value)->toBe('rows')
        ->and($this->gallery->edition->content->about->title)->toBe('Kites for sale');
    Artisan::call('zinc:bring-up');
    expect(Artisan::output())->toBe('');
});

it('may be interrupted anywhere, and goes on where it was', function (): void {
    ($this->age)();
    $entries = app(OldEntries::class);
    // Killed after the designs and one act.
    foreach (app(OldDesigns::class)->left() as $id) {
        app(OldDesigns::class)->bringUp($id);
    }
    $entries->bringUp($entries->left()[0]);
    $before = JournalEntry::query()->orderBy('id')->get()->map(static fn (JournalEntry $entry): array => [$entry->change->toArray(), $entry->inverse->toArray()])->all();
    expect($entries->left())->toHaveCount(count($before) - 1)->and(app(OldEditions::class)->left())->toHaveCount(1);
    // Twice over the same is once.
    $entries->bringUp(JournalEntry::query()->orderBy('id')->firstOrFail()->id);
    Artisan::call('zinc:bring-up');
    expect(JournalEntry::query()->orderBy('id')->get()->map(static fn (JournalEntry $entry): array => [$entry->change->toArray(), $entry->inverse->toArray()])->all())->toBe($before)
        ->and($entries->left())->toBe([]);
});

it('gives the items what the design once said of them', function (): void {
    $item = $this->gallery->items->first();
    ($this->age)([$item->id]);
    Artisan::call('zinc:bring-up');
    expect(GalleryItem::query()->where('is_large', true)->pluck('id')->all())->toBe([$item->id]);
});

it('finds the colours, shapes and looks of pictures that came before they were noted', function (): void {
    $portrait = $this->upload($this->gallery, $this->pictureFile('jpg', 200, 300, 9), 'portrait.jpg')->assertCreated()->json('picture.id');
    $before = Picture::query()->findOrFail($portrait);
    $facts = [$before->shape, $before->colour, $before->look, $before->colours()->count()];
    DB::table('picture_colours')->where('picture_id', $portrait)->delete();
    Picture::query()->whereKey($portrait)->update(['look' => null, 'palette' => '[]', 'colour' => '', 'shape' => 'landscape']);
    expect(app(OldPictures::class)->left())->toBe([$portrait]);
    Artisan::call('zinc:bring-up');
    $after = Picture::query()->findOrFail($portrait);
    // Seen through another rendition, so alike and not the same.
    $bits = (new LookAlikes([PerceptualHash::parse($facts[2])]))->near(PerceptualHash::parse((string) $after->look), 8);
    $colour = static fn (string $hex): Oklab => Oklab::fromRgb((int) hexdec(substr($hex, 1)));
    expect($after->shape)->toBe('portrait')->and($bits)->toHaveCount(1)->and($colour($after->colour)->distance($colour($facts[1])))->toBeLessThan(0.1)
        ->and($after->colours()->count())->toBeGreaterThan(1)->and(app(OldPictures::class)->left())->toBe([]);
});

it('leaves one that cannot be read as it was, says so, and goes on with the others', function (): void {
    $ids = Picture::query()->orderBy('id')->pluck('id')->all();
    Picture::query()->update(['look' => null]);
    file_put_contents("{$this->files}/originals/".Picture::query()->findOrFail($ids[0])->originalPath(), 'gone');
    expect(Artisan::call('zinc:bring-up'))->toBe(0)
        ->and(Artisan::output())->toContain("Left as it was, {$ids[0]}")
        ->and(Picture::query()->whereNull('look')->pluck('id')->all())->toBe([$ids[0]]);
});
