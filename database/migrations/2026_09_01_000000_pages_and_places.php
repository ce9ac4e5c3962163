<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bodies', function (Blueprint $table): void {
            $table->string('hash', 64)->primary()->comment('SHA-256 of kind and content: what is the same is kept once, and never changed');
            $table->string('kind')->comment('parts, or file for HTML that came from outside');
            $table->binary('content');
            $table->timestamp('created_at');
        });
        Schema::table('sites', function (Blueprint $table): void {
            $table->unsignedInteger('text_width')->default(684)->comment('of a line of text at most, px');
            $table->json('singles')->nullable()->comment('pictures that stand by themselves on live pages, as they went live');
        });
        Schema::table('pages', function (Blueprint $table): void {
            $table->string('parent_id', 26)->nullable()->comment('that it stands below in the menu');
            $table->boolean('comments')->default(false);
            $table->boolean('is_offline')->default(false)->comment('taken off by a person: goes live only when it is chosen');
            $table->string('body', 64)->default('')->comment('hash of its content');
            $table->string('batch', 26)->nullable()->comment('with which files it was brought in');
            $table->ulid('changed_by')->nullable()->comment('who changed it last');
        });
        Schema::table('panes', function (Blueprint $table): void {
            $table->string('name', 80)->default('')->comment('that addresses end in');
            $table->json('place')->default('{}')->comment('how wide, where, with how much space');
            $table->json('exceptions')->default('{}')->comment('what is otherwise than in the gallery');
            $table->json('room')->nullable()->comment('px that were measured, where the page does not tell');
            $table->json('except')->default('[]')->comment('pages that one in the frame is not shown on');
        });
        Schema::table('panes', function (Blueprint $table): void {
            $table->ulid('page_id')->nullable()->comment('null: in the frame of the site, on every page')->change();
        });
        Schema::table('pictures', function (Blueprint $table): void {
            $table->timestamp('offline_at')->nullable()->comment('taken off everywhere: no visitor gets it');
        });
        Schema::create('site_files', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('batch', 26)->index();
            $table->string('path', 300);
            $table->string('hash', 64);
            $table->unsignedInteger('bytes');
            $table->timestamp('created_at');
        });
        Schema::create('site_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('summary', 1000);
            $table->json('before')->comment('rows of pages and places that were changed');
            $table->json('after');
            $table->string('state')->default('done');
            $table->timestamp('created_at');
            $table->index(['state', 'id']);
        });
        Schema::create('comments', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('page_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->text('text');
            $table->string('state')->default('waiting');
            $table->string('visitor', 64)->comment('keyed hash of the address that it came from');
            $table->timestamp('created_at');
            $table->index(['page_id', 'state', 'created_at']);
        });
        DB::transaction(function (): void {
            $this->bodies();
            $this->panes();
            $this->live();
        });
        Schema::table('pages', static fn (Blueprint $table) => $table->dropColumn('blocks'));
        Schema::table('panes', static fn (Blueprint $table) => $table->dropColumn('tile_size'));
    }

    private function bodies(): void
    {
        foreach (DB::table('pages')->get(['id', 'blocks']) as $page) {
            $parts = [];
            foreach ((array) json_decode((string) $page->blocks, true) as $number => $block) {
                $parts[] = ['id' => 'p'.($number + 1), ...self::part((string) $block)];
            }
            $content = json_encode($parts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
            $hash = hash('sha256', 'parts'.$content);
            DB::table('bodies')->insertOrIgnore(['hash' => $hash, 'kind' => 'parts', 'content' => $content, 'created_at' => now()]);
            DB::table('pages')->where('id', $page->id)->update(['body' => $hash]);
        }
    }

    /**
     * @return array<string, string|int|bool>
     */
    private static function part(string $block): array
    {
        if (preg_match('~^\s*<(h[1-3]|p|ul|ol)>(.*)</\1>\s*$~s', $block, $found) === 1 && ! str_contains($found[2], "</{$found[1]}>")) {
            return match ($found[1]) {
                'p' => ['kind' => 'paragraph', 'html' => $found[2]],
                'ul', 'ol' => ['kind' => 'list', 'html' => $found[2], 'ordered' => $found[1] === 'ol'],
                default => ['kind' => 'heading', 'html' => $found[2], 'level' => (int) $found[1][1]],
            };
        }

        return preg_match('~^\s*<p class="lead">(.*)</p>\s*$~s', $block, $found) === 1 ? ['kind' => 'lead', 'html' => $found[1]] : ['kind' => 'kept', 'html' => $block];
    }

    private function panes(): void
    {
        $taken = [];
        foreach (DB::table('panes')->join('galleries', 'galleries.id', '=', 'panes.gallery_id')->orderBy('panes.id')->get(['panes.id', 'page_id', 'title', 'tile_size']) as $pane) {
            $base = trim(substr((string) preg_replace('/[^a-z0-9]+/', '-', strtolower((string) $pane->title)), 0, 56), '-');
            $base = preg_match('/^[a-z]/', $base) === 1 ? $base : rtrim("gallery-{$base}", '-');
            $number = $taken[$pane->page_id][$base] = ($taken[$pane->page_id][$base] ?? 0) + 1;
            DB::table('panes')->where('id', $pane->id)->update([
                'name' => $number === 1 ? $base : "{$base}-{$number}",
                'exceptions' => $pane->tile_size === null ? '{}' : json_encode(['tile_size' => $pane->tile_size]),
            ]);
        }
    }

    /** What is live tells of each page all that it is built from. */
    private function live(): void
    {
        foreach (DB::table('sites')->whereNotNull('live')->get(['id', 'live']) as $site) {
            $live = (array) json_decode((string) $site->live, true);
            $pages = [];
            foreach (DB::table('pages')->where('site_id', $site->id)->orderBy('position')->get() as $page) {
                $before = $live[$page->id] ?? null;
                $panes = array_map(static fn (array $pane): array => [
                    'id' => $pane['id'], 'gallery' => $pane['gallery'], 'spot' => $pane['spot'],
                    'name' => (string) DB::table('panes')->where('id', $pane['id'])->value('name'), 'place' => (object) [],
                    ...(isset($pane['tile_size']) ? ['exceptions' => ['tile_size' => $pane['tile_size']]] : []),
                ], $before['panes'] ?? []);
                $pages[] = [
                    'id' => $page->id, 'address' => $page->slug, 'title' => $page->title, 'label' => $before === null ? $page->menu_label : $before['menu_label'], 'parent' => null,
                    'position' => $page->position, 'comments' => false, 'body' => $page->body, 'brought_in' => false, 'panes' => $panes,
                ];
            }
            DB::table('sites')->where('id', $site->id)->update(['live' => json_encode(['pages' => $pages, 'frame' => []])]);
        }
    }

    public function down(): void
    {
        foreach (['comments', 'site_entries', 'site_files', 'bodies'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('pictures', static fn (Blueprint $table) => $table->dropColumn('offline_at'));
        Schema::table('panes', static function (Blueprint $table): void {
            $table->dropColumn(['name', 'place', 'exceptions', 'room', 'except']);
            $table->string('tile_size')->nullable();
        });
        Schema::table('pages', static function (Blueprint $table): void {
            $table->dropColumn(['parent_id', 'comments', 'is_offline', 'body', 'batch', 'changed_by']);
            $table->json('blocks')->default('[]');
        });
        Schema::table('sites', static fn (Blueprint $table) => $table->dropColumn(['text_width', 'singles']));
    }
};
