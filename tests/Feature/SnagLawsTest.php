<?php

declare(strict_types=1);

use App\Models\Gallery;
use App\Models\Page;
use App\Models\Site;
use App\Proofing\SnagList;
use App\Proofing\SnagsOfSite;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;

covers(SnagsOfSite::class, SnagList::class);

// What is kept of a site's snags is never other than what is found anew, whatever is done in between.

it('keeps of the whole site what one finds who looks anew, after any acts in any order', function (): void {
    Queue::fake();
    $this->signIn();
    $galleries = [$this->galleryOf(3), $this->galleryOf(2, 40)];
    $pages = Page::query()->pluck('id', 'slug')->all();
    $this->travel(1)->hours();
    $dice = dice(77);
    $changed = 0;
    $before = null;
    for ($step = 0; $step < 40; $step++) {
        $gallery = $galleries[$dice->getInt(0, 1)]->refresh();
        $items = $gallery->items()->orderBy('position')->get();
        $item = $items[$dice->getInt(0, count($items) - 1)];
        $address = "/studio/api/galleries/{$gallery->id}";
        match ($dice->getInt(0, 9)) {
            0 => $this->change($gallery, ['kind' => 'words', 'words' => [$item->id => ['alt' => ['', 'untitled', "A kite at noon {$step}"][$dice->getInt(0, 2)]]]]),
            1 => $this->change($gallery, ['kind' => 'design', 'design' => ['layout' => ['kind' => ['grid', 'rows', 'single'][$dice->getInt(0, 2)], 'columns' => $dice->getInt(2, 6)]]]),
            2 => $this->change($gallery, ['kind' => 'hide', 'items' => [$item->id], 'hidden' => $dice->getInt(0, 1) === 1]),
            3 => $gallery->panes()->exists() ? $this->deleteJson('/studio/api/panes/'.$gallery->panes()->first()->id) : $this->postJson('/studio/api/panes', ['page_id' => $pages['kites'], 'gallery_id' => $gallery->id, 'spot' => 1]),
            4 => $this->patchJson("/studio/api/pages/{$pages['kites']}", ['menu_label' => [null, 'Kites'][$dice->getInt(0, 1)]]),
            5 => $this->putJson("{$address}/snags/".['alt-missing', 'on-no-page', 'alone-on-phone'][$dice->getInt(0, 2)].'/meant', ['word' => 'So it is']),
            6 => $this->deleteJson("{$address}/snags/".['alt-missing', 'on-no-page'][$dice->getInt(0, 1)].'/meant'),
            7 => $this->patchJson("/studio/api/pictures/{$item->picture_id}", ['words' => ['alt' => ['', "Of its own {$step}"][$dice->getInt(0, 1)]]]),
            8 => $this->postJson("{$address}/undo", ['version' => $gallery->version]),
            default => moved($item->load('picture')->picture->originalPath()),
        };
        $this->travel(5)->seconds();
        $kept = $this->getJson('/studio/api/snags')->assertOk()->json('galleries');
        $anew = Gallery::query()->orderBy('title')->orderBy('id')->get()->map(static fn (Gallery $one): array => ['id' => $one->id, 'snags' => app(SnagList::class)->open($one, Site::whole())])->filter(static fn (array $one): bool => $one['snags'] !== [])->values()->all();
        $plain = static fn (array $list): array => array_column(json_decode(json_encode($list), true), 'snags', 'id');
        expect($plain($kept))->toEqualCanonicalizing($plain($anew), "step {$step}");
        $changed += (int) ($plain($kept) !== $before);
        $before = $plain($kept);
    }
    // The acts did something.
    expect($changed)->toBeGreaterThan(12);
});

/** An original goes away, or comes back. */
function moved(string $path): void
{
    $disk = Storage::disk('originals');
    $disk->exists($path) ? $disk->move($path, "{$path}.away") : $disk->move("{$path}.away", $path);
}

it('is meant once however often it is said, by whoever said it last, and refuses what is not there', function (): void {
    Queue::fake();
    $this->signIn();
    $address = '/studio/api/galleries/'.$this->galleryOf(3)->id;
    foreach (['Not yet', 'Later'] as $word) {
        // Once it is meant it is no snag any more: to say it again is refused, and changes nothing.
        $this->putJson("{$address}/snags/on-no-page/meant", ['word' => $word])->assertStatus($word === 'Not yet' ? 204 : 422);
    }
    expect(array_column($this->getJson("{$address}/snags")->json('meant'), 'word'))->toBe(['Not yet']);
    foreach ([['word' => ['a']], ['word' => null], []] as $body) {
        $this->putJson("{$address}/snags/alt-missing/meant", $body)->assertStatus(422)->assertJsonPath('code', 'not-valid');
    }
    $this->putJson("{$address}/snags/alt-missing/meant", ['word' => "<b>Bold</b>\u{202E} \u{1F480}"])->assertNoContent();
    expect(array_column($this->getJson("{$address}/snags")->json('meant'), 'word', 'code')['alt-missing'])->toBe("<b>Bold</b>  \u{1F480}");
    $this->deleteJson("{$address}/snags/nothing-like-it/meant")->assertNoContent();
    expect($this->getJson("{$address}/snags")->json('meant'))->toHaveCount(2);
});
