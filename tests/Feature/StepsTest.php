<?php

declare(strict_types=1);

use App\Models\JournalEntry;
use App\Models\Picture;
use App\Models\User;
use Illuminate\Support\Facades\Queue;

/* Steps back and forth: by name, one's own, and tidying among them. */

beforeEach(function (): void {
    Queue::fake();
    $this->owner = $this->signIn();
    $this->gallery = $this->galleryOf(3);
    $this->of = "/studio/api/galleries/{$this->gallery->id}";
    $this->pictures = $this->gallery->items()->orderBy('position')->pluck('picture_id')->all();
    $this->step = fn (string $way, array $more = []) => $this->postJson("{$this->of}/{$way}", ['version' => $this->gallery->refresh()->version, ...$more]);
    $this->tidy = fn (array $part, ?array $pictures = null) => $this->change($this->gallery, ['kind' => 'tidy', 'pictures' => array_fill_keys($pictures ?? [$this->pictures[0]], $part)]);
});

it('says what undo and redo would do', function (): void {
    $this->change($this->gallery, ['kind' => 'design', 'design' => ['layout' => ['gap' => 14]]])->assertJsonPath('undo.says', 'gap 8 px to 14 px')->assertJsonPath('undo.by', null)->assertJsonPath('redo', null);
    ($this->step)('undo')->assertOk()->assertJsonPath('redo.says', 'gap 8 px to 14 px')->assertJsonPath('undo.says', 'put in a picture');
});

it('takes nothing of another person back that was not named', function (): void {
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Mine']])->assertOk();
    $ben = User::query()->create(['name' => 'Ben', 'email' => 'ben@saltreed.example', 'password' => 'x']);
    $this->actingAs($ben);
    $this->change($this->gallery, ['kind' => 'about', 'about' => ['title' => 'Bens']])->assertOk();
    $this->actingAs($this->owner);
    $undo = $this->getJson($this->of)->assertJsonPath('undo.by', 'Ben')->assertJsonPath('undo.says', 'renamed the gallery')->json('undo');
    ($this->step)('undo')->assertStatus(409)->assertJsonPath('code', 'nothing-left')->assertSee('renamed the gallery');
    ($this->step)('undo', ['entry' => $undo['entry'] - 1])->assertStatus(409);
    expect($this->gallery->refresh()->title)->toBe('Bens');
    ($this->step)('undo', ['entry' => $undo['entry']])->assertOk()->assertJsonPath('about.title', 'Mine')->assertJsonPath('undo.by', null);
});

it('holds nothing of one’s own window against a change', function (): void {
    $ids = $this->gallery->items()->pluck('id')->all();
    $send = fn (int $version, array $own, string $title) => $this->patchJson($this->of, ['version' => $version, 'own' => $own, 'change' => ['kind' => 'words', 'words' => [$ids[0] => ['title' => $title]]]]);
    $at = $this->gallery->refresh()->version;
    $send($at, [], 'One')->assertOk();
    $send($at, [], 'Two')->assertStatus(409)->assertJsonCount(1, 'clashes');
    $send($at, [$at + 1], 'Two')->assertOk();
    // Another window in between is another's all the same.
    $this->change($this->gallery, ['kind' => 'words', 'words' => [$ids[0] => ['title' => 'Theirs']]])->assertOk();
    $send($at, [$at + 1, $at + 2], 'Three')->assertStatus(409)->assertJsonPath('clashes.0.theirs', 'Theirs');
});

it('does nothing twice for a window that heard no answer', function (): void {
    $ids = $this->gallery->items()->orderBy('position')->pluck('id')->all();
    $at = $this->gallery->refresh()->version;
    $send = fn (array $change, string $key, array $tried = [], int $on = 0) => $this->patchJson($this->of, ['version' => $at + $on, 'key' => $key, 'tried' => $tried, 'change' => $change]);
    $remove = ['kind' => 'remove', 'items' => [$ids[0]]];
    $send($remove, 'a')->assertOk();
    $entries = JournalEntry::query()->count();
    $send($remove, 'a')->assertOk()->assertJsonPath('version', $at + 1)->assertJsonPath('items', []);
    expect(JournalEntry::query()->count())->toBe($entries);
    // What was typed on after an answer that never came is no clash with itself.
    $word = fn (string $text): array => ['kind' => 'words', 'words' => [$ids[1] => ['title' => $text]]];
    $send($word('Re'), 'b', [], 1)->assertOk();
    $send($word('Red'), 'c', [], 1)->assertStatus(409);
    $send($word('Red'), 'c', ['b'], 1)->assertOk();
    expect($this->gallery->items()->findOrFail($ids[1])->title)->toBe('Red');
});

it('takes tidying back and does it again, recipe, point and files', function (): void {
    $state = fn (): array => Picture::query()->findOrFail($this->pictures[0])->only(['recipe', 'rendition_key', 'width', 'height', 'focal_x', 'focal_y', 'focal_by']);
    $states = [$state()];
    foreach ([['turn' => 1], ['crop' => ['left' => 0.25, 'top' => 0.0, 'width' => 0.5, 'height' => 1.0]], ['focal' => [0.25, 0.75]], ['brightness' => 20, 'contrast' => 5]] as $part) {
        $this->travel(10)->seconds();
        ($this->tidy)($part)->assertOk()->assertJsonCount(1, 'items')->assertJsonPath('items.0.picture.id', $this->pictures[0]);
        $states[] = $state();
    }
    expect($states[1]['width'])->toBe(200)->and($states[2]['width'])->toBe(100)->and($states[3]['focal_by'])->toBe('person')
        ->and(JournalEntry::query()->orderByDesc('id')->limit(4)->pluck('summary')->all())->toBe(['tidied a picture', 'moved the focal point of a picture', 'tidied a picture', 'tidied a picture'])
        ->and(count(array_unique(array_column($states, 'rendition_key'))))->toBe(4);
    for ($i = 3; $i >= 0; $i--) {
        ($this->step)('undo')->assertOk();
        expect($state())->toEqual($states[$i]);
    }
    for ($i = 1; $i <= 4; $i++) {
        ($this->step)('redo')->assertOk();
        expect($state())->toEqual($states[$i]);
    }
    foreach (array_keys(Picture::query()->findOrFail($this->pictures[0])->renditions) as $file) {
        expect("{$this->files}/renditions/".Picture::query()->findOrFail($this->pictures[0])->renditionFolder()."/{$file}")->toBeFile();
    }
});

it('gives several only what was changed, and all back at once', function (): void {
    ($this->tidy)(['turn' => 1])->assertOk();
    $this->travel(10)->seconds();
    ($this->tidy)(['brightness' => 30], $this->pictures)->assertOk()->assertJsonCount(3, 'items')->assertJsonPath('undo.says', 'tidied 3 pictures');
    $recipes = fn (): array => Picture::query()->whereIn('id', $this->pictures)->orderBy('id')->get()->map(fn (Picture $picture): array => [$picture->recipe()->turn, $picture->recipe()->brightness])->all();
    expect($recipes())->toBe([[1, 30], [0, 30], [0, 30]]);
    ($this->step)('undo')->assertOk();
    expect($recipes())->toBe([[1, 0], [0, 0], [0, 0]]);
    $this->postJson('/studio/api/pictures/tidy', ['pictures' => $this->pictures, 'recipe' => ['contrast' => 9]])->assertNoContent();
    expect(Picture::query()->findOrFail($this->pictures[0])->recipe()->toArray())->toMatchArray(['turn' => 1, 'contrast' => 9]);
});

it('refuses tidying that cannot be, and tells it among what is not live once', function (): void {
    ($this->tidy)(['turn' => 7])->assertStatus(422)->assertJsonPath('field', 'recipe.turn');
    ($this->tidy)(['focal' => [0.5, 1.5]])->assertStatus(422)->assertJsonPath('field', 'focal');
    ($this->tidy)(['turn' => 1], ['nobody'])->assertStatus(422)->assertJsonPath('field', 'pictures');
    $this->putLive($this->gallery)->assertOk();
    ($this->tidy)(['turn' => 1])->assertJsonPath('live.changes', ['tidied a picture']);
    expect($this->getJson($this->of)->json('live.changes'))->toBe(['tidied a picture']);
    $this->getJson("/studio/api/pictures/{$this->pictures[0]}/focal?recipe=".urlencode('{"turn":1}'))->assertOk()->assertJsonCount(2, 'focal');
});
