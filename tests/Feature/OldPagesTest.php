<?php

declare(strict_types=1);

use App\Models\Site;
use App\Publishing\Contents;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/* Pages of earlier versions: their blocks, places, menu, and what visitors have. */

it('brings all of it along, and no page looks otherwise', function (): void {
    Artisan::call('migrate:rollback', ['--step' => DB::table('migrations')->where('migration', '>=', '2026_09_01')->count()]);
    $id = static fn (string $of): string => str_pad($of, 26, '0', STR_PAD_LEFT);
    $blocks = ['<h1>Kites</h1>', '<p class="lead">Ten kinds.</p>', '<p>For a <a href="/x">first</a> kite</p>', '<ul><li>One</li></ul>', '<dl><dt>Open</dt></dl>', '<p id="x">kept</p>', '<p>a</p><p>b</p>'];
    DB::table('sites')->insert(['id' => $id('s'), 'name' => 'S', 'shell' => '{{content}}', 'stylesheet' => '', 'margin' => 18, 'content_width' => 1120, 'live' => json_encode([
        $id('p') => ['title' => 'Kites', 'menu_label' => 'Old label', 'panes' => [['id' => $id('n1'), 'gallery' => $id('g'), 'spot' => 2, 'tile_size' => 'large']]],
    ])]);
    foreach (['p' => $blocks, 'q' => ['<p>Q</p>']] as $page => $has) {
        DB::table('pages')->insert(['id' => $id($page), 'site_id' => $id('s'), 'slug' => $page === 'p' ? 'kites' : 'q', 'title' => 'Kites', 'menu_label' => 'Kites', 'position' => 0, 'blocks' => json_encode($has)]);
    }
    DB::table('galleries')->insert(['id' => $id('g'), 'title' => '1904 Kites', 'design' => '{}']);
    foreach (['n1' => 'large', 'n2' => null] as $pane => $size) {
        DB::table('panes')->insert(['id' => $id($pane), 'page_id' => $id('p'), 'gallery_id' => $id('g'), 'spot' => 2, 'tile_size' => $size]);
    }
    Artisan::call('migrate');
    $site = Site::whole();
    [$saved, $live] = [$site->asSaved(), $site->asLive()];
    $html = fn ($page): array => app(Contents::class)->blocks($page, $site->frame(), []);
    expect($html($saved->pages[$id('p')]))->toBe($blocks)->and($html($live->pages[$id('p')]))->toBe($blocks)
        ->and(array_map(fn ($part): string => $part->kind->value, app(Contents::class)->parts($saved->pages[$id('p')])->list))->toBe(['heading', 'lead', 'paragraph', 'list', 'kept', 'kept', 'kept'])
        ->and(array_map(fn ($pane): string => $pane->name, $saved->pages[$id('p')]->panes))->toBe(['gallery-1904-kites', 'gallery-1904-kites-2'])
        ->and($live->pages[$id('p')]->panes[0]->exceptions->toArray())->toBe(['tile_size' => 'large'])->and($live->pages[$id('p')]->label)->toBe('Old label')
        // What visitors had, they have: every page was built, whether it was told or not.
        ->and($live->pages)->toHaveKey($id('q'));
});
