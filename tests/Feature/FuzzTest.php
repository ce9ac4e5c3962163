<?php

declare(strict_types=1);

use App\Models\Finish;
use Bench\Faults\Fuzz;
use Illuminate\Support\Facades\Route;

it('answers no body, query or name, however spoilt, with a fault of its own', function (): void {
    $this->signIn();
    $gallery = $this->galleryOf(2);
    $id = $gallery->id;
    $item = $gallery->items->first();
    $picture = $item->picture_id;
    $page = $this->getJson('/studio/api/pages')->json('0.id');
    $pane = $this->postJson('/studio/api/panes', ['page_id' => $page, 'gallery_id' => $id, 'spot' => 1])->json('id');
    $this->postJson('/studio/api/finishes', ['gallery' => $id, 'name' => 'Own'])->assertCreated();
    $finish = Finish::query()->value('id');
    $design = ['layout' => ['kind' => 'rows', 'gap' => 8, 'row_height' => 200, 'phone' => ['columns' => 2]], 'finish' => ['captions' => ['place' => 'below', 'lines' => 2], 'frame' => ['border' => 2]], 'viewer' => ['click' => ['act' => 'large']]];
    $changes = [
        ['kind' => 'design', 'design' => $design], ['kind' => 'about', 'about' => ['title' => 'Kites', 'description' => 'All']], ['kind' => 'words', 'words' => [$item->id => ['caption' => 'x', 'alt' => null]]],
        ['kind' => 'order', 'items' => [$item->id]], ['kind' => 'remove', 'items' => [$item->id]], ['kind' => 'hide', 'items' => [$item->id], 'hidden' => true], ['kind' => 'large', 'items' => [$item->id], 'large' => true],
        ['kind' => 'albums', 'albums' => ['list' => [['id' => 'A', 'name' => 'Dawn']], 'view' => 'tabs']], ['kind' => 'album', 'items' => [$item->id], 'album' => 'A'], ['kind' => 'click', 'items' => [$item->id], 'click' => ['act' => 'large']], ['kind' => 'text', 'item' => $item->id, 'html' => '<p>x</p>'],
    ];
    $bodies = [
        'PATCH galleries/{gallery}' => array_map(static fn (array $change): array => ['version' => 2, 'change' => $change], $changes),
        'POST galleries' => [['title' => 'Kites']], 'POST galleries/{gallery}/items' => [['pictures' => [$picture]]], 'POST galleries/{gallery}/texts' => [['title' => 'Tea', 'text' => 'At three.']],
        'POST galleries/{gallery}/order' => [['version' => 2, 'by' => 'reverse', 'items' => [$item->id]]], 'POST galleries/{gallery}/fill' => [['version' => 2, 'items' => [$item->id], 'fill' => ['field' => 'caption', 'act' => 'set', 'text' => 'Kite [place]']]],
        'POST galleries/{gallery}/fill/preview' => [['items' => [$item->id], 'fill' => ['field' => 'caption', 'act' => 'replace', 'find' => 'a', 'text' => 'b']]],
        'PATCH pictures/{picture}' => [['words' => ['title' => 'Own', 'link' => 'https://a.example'], 'focal' => [0.2, 0.3], 'recipe' => ['crop' => [0, 0, 1, 1], 'turn' => 90], 'poster' => $picture]],
        'POST pictures/tidy' => [['pictures' => [$picture], 'recipe' => ['brightness' => 5]]], 'POST pictures/bin' => [['pictures' => [$picture]]], 'POST panes' => [['page_id' => $page, 'gallery_id' => $id, 'spot' => 1]],
        'PATCH panes/{pane}' => [['exceptions' => ['tile_size' => 'large']]], 'PATCH pages/{page}' => [['menu_label' => 'Start']], 'POST finishes' => [['gallery' => $id, 'name' => 'Mine', 'finish' => $design['finish']]], 'PATCH finishes/{finish}' => [['name' => 'Other']],
        'POST session' => [['email' => 'a@b.example', 'password' => 'x', 'code' => '1']], 'POST invitation' => [['token' => 'x', 'name' => 'Bo', 'password' => 'seven gulls over the shed']], 'POST invitation/look' => [['token' => 'x']], 'POST invitations' => [['email' => 'a@b.example', 'role' => 'editor']],
        'POST account/password' => [['password' => 'long wind', 'new' => 'seven gulls over the shed']], 'PUT account/second-step' => [['code' => '123456']], 'POST sources/{source}/take' => [['files' => ['x'], 'gallery' => $id]],
        'PATCH people/{user}' => [['role' => 'editor']], 'POST uploads' => [['x' => 1]], 'PATCH uploads/{upload}' => [['x' => 1]],
    ];
    $queries = ['by' => 'reverse', 'design' => json_encode($design), 'weights' => ['crop' => 1], 'words' => 'kite', 'colour' => 'aa3322', 'shape' => '3:2', 'limit' => 1, 'page' => 1, 'width' => 1120, 'recipe' => '{"turn":90}', 'kind' => 'published', 'before' => 3, 'from' => '2026-01-01', 'view' => 'crops', 'finish' => 'x'];
    $names = ['{gallery}' => $id, '{picture}' => $picture, '{page}' => $page, '{pane}' => $pane, '{finish}' => $finish, '{source}' => 'shelf', '{file}' => 'x', '{user}' => auth()->id(), '{upload}' => 'none', '{batch}' => 'none', '{signIn}' => 'none', '{invitation}' => 'none'];
    $seed = seed(7);
    $fuzz = new Fuzz($seed);
    $routes = array_values(array_filter(iterator_to_array(Route::getRoutes()), static fn ($route): bool => str_starts_with($route->uri(), 'studio/api/') && ! ($route->uri() === 'studio/api/session' && $route->methods()[0] !== 'POST')));
    $seen = $faults = [];
    for ($n = 0; $n < trials(3200, 260); $n++) {
        // Doors that slow down guessing are open again.
        $n % count($routes) === 0 && $this->travel(61)->minutes();
        $route = $routes[$n % count($routes)];
        [$method, $address] = [$route->methods()[0], substr($route->uri(), strlen('studio/api/'))];
        if ($method === 'DELETE') {
            $method = 'POST';
        }
        $path = preg_replace_callback('/\{\w+\}/', static fn (array $found): string => $fuzz->one([0, 0, 0, 0, 1]) === 1 ? rawurlencode(is_scalar($value = $fuzz->value()) && (string) $value !== '' ? mb_substr((string) $value, 0, 200) : 'x') : ($names[$found[0]] ?? 'none'), $address);
        $body = $fuzz->spoil($fuzz->one($bodies["{$method} {$address}"] ?? [['version' => 2, 'items' => [$item->id]]]));
        $query = $fuzz->spoil($queries);
        $isText = $fuzz->one([0, 0, 0, 0, 0, 0, 1]) === 1;
        $json = (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR);
        $sent = $isText ? $fuzz->one([substr($json, 0, -1), "\xFF\xFE{$json}", str_repeat('[', 600), '', "{$json}{$json}", '<a/>']) : $json;
        $headers = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => $fuzz->one(['application/json', 'application/json', 'application/json', 'text/plain', 'multipart/form-data; boundary=x', 'x/y']), 'HTTP_UPLOAD_LENGTH' => (string) json_encode($fuzz->value()), 'HTTP_UPLOAD_OFFSET' => '-7', 'HTTP_UPLOAD_METADATA' => (string) json_encode($fuzz->value())];
        $address = "/studio/api/{$path}".(is_array($query) ? '?'.http_build_query($query) : '');
        $answer = $this->call($method, $address, [], [], [], $headers, $sent);
        $status = $answer->getStatusCode();
        $seen[$status] = ($seen[$status] ?? 0) + 1;
        $what = "no. {$n} of seed {$seed}: {$method} {$address} ".substr($sent, 0, 300).' answered '.substr((string) $answer->getContent(), 0, 300);
        if ($status >= 500) {
            $faults[] = $what.' since '.mb_substr((string) $answer->exception?->getMessage(), 0, 300).' in '.basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine();
        } elseif ($status >= 400 && ($answer->headers->get('Content-Type') !== 'application/problem+json' || ($status === 429 && ! $answer->headers->has('Retry-After')))) {
            $faults[] = $what;
        }
    }
    ksort($seen);
    fwrite(STDERR, isLong() ? "\n".json_encode($seen)."\n" : '');
    expect($faults)->toBe([])->and(count($seen))->toBeGreaterThan(3)->and(Finish::query()->whereKey($finish)->exists())->toBeTrue();
});
