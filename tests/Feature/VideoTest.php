<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Picture;
use App\Models\PictureKind;

beforeEach(function (): void {
    $this->signIn();
    $this->gallery = Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Kites'])->json('id'));
    $this->address = "/studio/api/galleries/{$this->gallery->id}";
});

it('takes videos, shows them by a poster and publishes both', function (string $name, string $type, string $file): void {
    $id = $this->upload($this->gallery, base_path("tests/Feature/files/{$name}"), $name)->assertCreated()->assertJsonPath('picture.kind', 'video')->json('picture.id');
    $video = Picture::query()->findOrFail($id);
    expect([$video->kind, $video->media_type, $video->width, $video->height, round($video->seconds)])->toBe([PictureKind::Video, $type, 160, 120, 1.0]);
    // Without a poster there is nothing to draw yet.
    expect($this->getJson("{$this->address}/laid-out")->json('proof.html'))->not->toContain('<li');
    $poster = $this->upload((string) $this->postJson('/studio/api/galleries', ['title' => 'Posters'])->json('id'), $this->pictureFile(), 'poster.jpg')->json('picture.id');
    $this->patchJson("/studio/api/pictures/{$id}", ['poster' => $poster])->assertOk();
    $this->patchJson("/studio/api/pictures/{$id}", ['poster' => $id])->assertStatus(422)->assertSee('cannot be the poster');
    $html = $this->getJson("{$this->address}/laid-out")->json('proof.html');
    expect($html)->toContain("data-video=\"/media/{$video->rendition_key}/{$file}\"")->toContain(Picture::query()->findOrFail($poster)->rendition_key);

    // In the studio it plays for people who are signed in, for others only once it is live.
    $this->get("/media/{$video->rendition_key}/{$file}", ['Range' => 'bytes=0-99'])->assertStatus(206)->assertHeader('Content-Type', $type);
    auth()->forgetGuards();
    $this->get("/media/{$video->rendition_key}/{$file}")->assertNotFound();
    $this->actingAs(App\Models\User::query()->sole());
    $this->putLive($this->gallery)->assertOk();
    auth()->forgetGuards();
    $this->get("/media/{$video->rendition_key}/{$file}")->assertOk();
})->with([['clip.mp4', 'video/mp4', 'video.mp4'], ['clip.webm', 'video/webm', 'video.webm']]);

it('throws no poster away as long as a video stands by it', function (): void {
    $video = $this->upload($this->gallery, base_path('tests/Feature/files/clip.mp4'), 'clip.mp4')->json('picture.id');
    $posters = Gallery::query()->findOrFail($this->postJson('/studio/api/galleries', ['title' => 'Posters'])->json('id'));
    [$poster, $next] = array_map(fn (int $seed): string => $this->upload($posters, $this->pictureFile(seed: $seed), "poster-{$seed}.jpg")->json('picture.id'), [1, 2]);
    $this->patchJson("/studio/api/pictures/{$video}", ['poster' => $poster])->assertOk();
    // It stands in no gallery by itself any more, only for the video.
    $this->change($posters, ['kind' => 'remove', 'items' => $posters->items()->pluck('id')->all()])->assertOk();
    $bin = fn () => $this->postJson('/studio/api/pictures/bin', ['pictures' => [$poster]])->assertOk();
    $bin()->assertJsonPath('in_use.0.id', $poster)->assertJsonPath('in_use.0.galleries.0.title', 'Kites');
    expect(Picture::query()->findOrFail($poster)->binned_at)->toBeNull();
    $this->postJson('/studio/api/pictures/delete', ['pictures' => [$poster]])->assertJsonPath('deleted', 0);
    $this->patchJson("/studio/api/pictures/{$video}", ['poster' => $next])->assertOk();
    $bin()->assertJsonPath('in_use', []);
    $this->postJson('/studio/api/pictures/delete', ['pictures' => [$poster]])->assertJsonPath('deleted', 1);
});

it('refuses what is no video inside, or too large', function (): void {
    file_put_contents("{$this->files}/broken.mp4", substr(file_get_contents(base_path('tests/Feature/files/clip.mp4')), 0, 40));
    $this->upload($this->gallery, "{$this->files}/broken.mp4", 'broken.mp4')->assertStatus(422)->assertJsonPath('code', 'damaged-file');
    $this->assertNothingStored();
    config(['zinc.limits.video_bytes' => 1000]);
    $this->upload($this->gallery, base_path('tests/Feature/files/clip.mp4'), 'clip.mp4')->assertStatus(422)->assertJsonPath('code', 'file-too-large');
});
