<?php

declare(strict_types=1);

use App\Contract\Contract;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

beforeEach(fn () => Queue::fake());

/** Every address of the API with its methods: "GET galleries". */
function apiRoutes(): array
{
    $found = [];
    foreach (Route::getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'studio/api/')) {
            foreach ($route->methods() as $method) {
                $found[] = "{$method} ".substr($route->uri(), strlen('studio/api/'));
            }
        }
    }

    return array_values(array_filter($found, static fn (string $each): bool => ! (str_starts_with($each, 'HEAD ') && $each !== 'HEAD uploads/{upload}')));
}

it('agrees upon an answer for every address there is, and for no other', function (): void {
    expect(array_values(array_diff(apiRoutes(), Contract::addresses())))->toBe([])->and(array_values(array_diff(Contract::addresses(), apiRoutes())))->toBe([]);
});

it('names only types that it tells', function (): void {
    preg_match_all('/"\$ref":"#\\\\?\/\$defs\\\\?\/(\w+)"/', json_encode(Contract::schema()), $named);
    expect(array_diff(array_unique($named[1]), array_keys(Contract::types())))->toBe([]);
});

it('answers one who is not signed in with a problem, whatever he asks for', function (): void {
    $this->signIn();
    $gallery = $this->galleryOf(1);
    $item = $gallery->items->first();
    $this->flushSession();
    $this->app['auth']->forgetGuards();
    $asked = 0;
    foreach (Contract::addresses() as $each) {
        [$method, $address] = explode(' ', $each);
        if (in_array($each, ['GET session', 'POST session', 'POST invitation', 'POST invitation/look'], true)) {
            continue;
        }
        $path = strtr($address, ['{gallery}' => $gallery->id, '{picture}' => $item->picture_id, '{upload}' => Str::ulid(), '{batch}' => Str::ulid(), '{source}' => 'card', '{file}' => 'MB020311.jpg', '{page}' => Str::ulid(), '{pane}' => Str::ulid(), '{signIn}' => Str::ulid(), '{user}' => Str::ulid(), '{invitation}' => Str::ulid(), '{token}' => Str::ulid(), '{code}' => 'holes']);
        $this->json($method, "/studio/api/{$path}", ['version' => 1, 'title' => 'Stolen'])->assertStatus(401);
        $asked++;
    }
    expect($asked)->toBe(count(Contract::addresses()) - 4);
    $this->getJson('/studio/api/session')->assertOk()->assertJsonPath('user', null);
});

it('answers for what is not there, or is no longer, with a problem', function (string $method, string $path): void {
    $this->signIn();
    $this->json($method, "/studio/api/{$path}", ['version' => 1, 'change' => ['kind' => 'about'], 'menu_label' => null, 'tile_size' => null, 'files' => ['x']])
        ->assertStatus(404)->assertHeader('Content-Type', 'application/problem+json');
})->with([
    ['GET', 'galleries/none'], ['PATCH', 'galleries/none'], ['POST', 'galleries/none/undo'], ['POST', 'galleries/none/live'], ['GET', 'galleries/none/candidates'],
    ['GET', 'pictures/none'], ['PATCH', 'pictures/none'], ['GET', 'pictures/none/uses'], ['PATCH', 'pages/none'], ['PATCH', 'panes/none'], ['DELETE', 'panes/none'],
    ['GET', 'batches/none'], ['GET', 'sources/none'], ['POST', 'sources/none/take'], ['DELETE', 'uploads/none'],
]);

it('answers every address of one who is signed in as agreed', function (): void {
    $this->signIn();
    $gallery = $this->galleryOf(2);
    $id = $gallery->id;
    $version = fn (): int => $gallery->refresh()->version;
    $item = $gallery->items->first();
    $this->getJson('/studio/api/vocabulary')->assertOk();
    $this->getJson('/studio/api/galleries')->assertOk()->assertJsonCount(1);
    $this->getJson("/studio/api/galleries/{$id}/pulse")->assertOk();
    $this->getJson("/studio/api/galleries/{$id}/candidates?weights[crop]=0")->assertOk()->assertJsonPath('weights.crop', 0);
    $this->getJson("/studio/api/galleries/{$id}/preview?design=".urlencode('{"layout":{"kind":"mosaic"}}'))->assertOk();
    $this->getJson("/studio/api/galleries/{$id}/order?by=reverse")->assertOk();
    $this->postJson("/studio/api/galleries/{$id}/order", ['version' => $version(), 'by' => 'reverse'])->assertOk();
    $this->postJson("/studio/api/galleries/{$id}/texts", ['title' => 'Tea', 'text' => 'At three.'])->assertCreated();
    $fill = ['field' => 'caption', 'act' => 'set', 'text' => 'Kite [place]'];
    $this->postJson("/studio/api/galleries/{$id}/fill/preview", ['fill' => $fill, 'items' => [$item->id]])->assertOk();
    $this->postJson("/studio/api/galleries/{$id}/fill", ['fill' => $fill, 'items' => [$item->id], 'version' => $version()])->assertOk();
    foreach ([['kind' => 'large', 'items' => [$item->id], 'large' => true], ['kind' => 'hide', 'items' => [$item->id], 'hidden' => true], ['kind' => 'albums', 'albums' => ['list' => [['id' => 'A', 'name' => 'Dawn']], 'view' => 'tabs']]] as $change) {
        $this->change($gallery, $change)->assertOk();
    }
    $this->getJson("/studio/api/galleries/{$id}")->assertOk()->assertJsonPath('items.1.large', true);
    $this->getJson('/studio/api/pictures?limit=1')->assertOk();
    $this->getJson('/studio/api/pictures/look-alikes')->assertOk();
    $this->getJson("/studio/api/pictures/{$item->picture_id}")->assertOk();
    $this->patchJson("/studio/api/pictures/{$item->picture_id}", ['words' => ['title' => 'Own'], 'focal' => [0.2, 0.3]])->assertOk()->assertJsonPath('focal_by', 'person');
    $this->getJson("/studio/api/pictures/{$item->picture_id}/uses")->assertOk();
    $this->postJson('/studio/api/pictures/bin', ['pictures' => [$item->picture_id]])->assertOk()->assertJsonCount(1, 'in_use');
    $this->getJson('/studio/api/sources')->assertOk();
    $this->getJson('/studio/api/sources/shelf?colour=aa3322')->assertOk();
    $this->getJson('/studio/api/pages')->assertOk();
    $page = $this->getJson('/studio/api/pages')->json('0.id');
    $pane = $this->postJson('/studio/api/panes', ['page_id' => $page, 'gallery_id' => $id, 'spot' => 1])->assertCreated()->json('id');
    $this->patchJson("/studio/api/panes/{$pane}", ['exceptions' => ['tile_size' => 'large']])->assertNoContent();
    $this->patchJson("/studio/api/panes/{$pane}", ['exceptions' => ['tile_size' => 'huge']])->assertStatus(422)->assertJsonPath('code', 'setting-not-possible')->assertJsonPath('field', 'tile_size');
    $this->patchJson("/studio/api/pages/{$page}", ['menu_label' => 'Start'])->assertNoContent();
    $this->deleteJson("/studio/api/panes/{$pane}")->assertNoContent();
    $this->postJson("/studio/api/galleries/{$id}/undo", ['version' => $version()])->assertOk();
    $this->postJson("/studio/api/galleries/{$id}/redo", ['version' => $version()])->assertOk();
});

it('tells the studio the types that it has, made by the same words', function (): void {
    Artisan::call('zinc:contract');
    expect(json_decode(Artisan::output(), true))->toEqual(json_decode(json_encode(Contract::schema()), true));
});

it('notices an answer that is not as agreed', function (): void {
    $this->signIn();
    $user = User::query()->firstOrFail();
    $user->setRawAttributes([...$user->getAttributes(), 'name' => null]);
    $this->actingAs($user);
    expect(fn () => $this->getJson('/studio/api/session'))->toThrow('GET session with 200 is no Session');
});
