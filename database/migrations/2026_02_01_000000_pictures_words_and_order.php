<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What the search by words reads. */
    private const SEARCHED = ['title', 'caption', 'description', 'alt', 'keywords', 'credit', 'name'];

    public function up(): void
    {
        $this->pictures();
        $this->galleries();
        $this->search();
        $this->ways();
        $this->editions();
    }

    /** Editions of before keep their pictures under another name. */
    private function editions(): void
    {
        foreach (DB::table('editions')->get(['id', 'content']) as $edition) {
            $old = json_decode((string) $edition->content, true);
            DB::table('editions')->where('id', $edition->id)->update(['content' => json_encode([
                'about' => ['title' => $old['title']],
                'design' => $old['design'],
                'albums' => ['list' => [], 'view' => 'headings'],
                'items' => array_map(static fn (array $picture): array => [
                    ...$picture, 'words' => array_combine(['title', 'caption', 'alt'], $picture['words']), 'video' => null,
                ], $old['pictures']),
                'in_albums' => array_fill(0, count($old['pictures']), null),
            ])]);
        }
    }

    private function pictures(): void
    {
        Schema::table('pictures', function (Blueprint $table): void {
            $table->string('kind')->default('picture')->comment('picture or video');
            $table->text('description')->default('');
            $table->string('link')->default('');
            $table->string('credit')->default('');
            $table->text('keywords')->default('')->comment('with commas between');
            $table->boolean('decorative')->default(false);
            $table->json('offered')->default('{}')->comment('words that are in the file');
            $table->timestamp('taken_at')->nullable()->index();
            $table->string('camera')->default('');
            $table->string('rights')->default('');
            $table->string('source')->default('upload');
            $table->string('licence')->default('');
            $table->unsignedInteger('original_width')->default(0)->comment('px, upright, before it was tidied');
            $table->unsignedInteger('original_height')->default(0)->comment('px, upright, before it was tidied');
            $table->json('recipe')->default('{}')->comment('how it was tidied');
            $table->string('focal_by')->default('found')->comment('found or person; the point is told on the upright original');
            $table->string('shape')->default('landscape')->index();
            $table->json('palette')->default('[]')->comment('OKLab l, a, b and share of each colour');
            $table->string('colour', 7)->default('')->comment('the one named first, as hexadecimal sRGB');
            $table->string('look', 16)->nullable()->comment('perceptual hash');
            $table->foreignUlid('poster_id')->nullable()->constrained('pictures')->nullOnDelete()->comment('what stands for a video');
            $table->index('poster_id');
            $table->float('seconds')->nullable()->comment('length of a video');
            $table->timestamp('binned_at')->nullable();
            // What the store shows, in its order.
            $table->index(['binned_at', 'created_at', 'id']);
            $table->index(['id', 'binned_at', 'created_at']);
        });
        DB::statement('UPDATE pictures SET original_width = width, original_height = height');

        Schema::create('picture_colours', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('picture_id')->constrained()->cascadeOnDelete();
            $table->float('l');
            $table->float('a');
            $table->float('b');
            $table->float('share');
            $table->index(['l', 'a', 'b', 'picture_id', 'share']);
            $table->index('picture_id');
        });
        Schema::create('look_alikes', function (Blueprint $table): void {
            $table->foreignUlid('picture_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('other_id')->constrained('pictures')->cascadeOnDelete();
            $table->unsignedTinyInteger('bits')->comment('of difference');
            $table->primary(['picture_id', 'other_id']);
        });
    }

    private function galleries(): void
    {
        Schema::table('galleries', function (Blueprint $table): void {
            $table->text('description')->default('');
            $table->boolean('shows_title')->default(false);
            $table->boolean('shows_description')->default(false);
            $table->json('albums')->default('{"list":[],"view":"headings"}');
        });
        Schema::table('journal_entries', function (Blueprint $table): void {
            $table->unsignedInteger('state_version')->default(0)->comment('that the gallery had after it was last taken back or done again');
        });
        Schema::table('gallery_items', function (Blueprint $table): void {
            $table->text('description')->nullable();
            $table->string('link')->nullable();
            $table->string('credit')->nullable();
            $table->boolean('decorative')->nullable();
            $table->text('text')->nullable()->comment('cleaned HTML of an item that is no picture');
            $table->string('album', 26)->nullable();
            $table->boolean('is_hidden')->default(false);
            $table->string('arrival')->nullable()->comment('which of the files dropped together it was');
            $table->index('picture_id');
        });
        Schema::table('gallery_items', function (Blueprint $table): void {
            $table->ulid('picture_id')->nullable()->change();
        });
    }

    /** A row number of its own keeps the index right when the database is rewritten. */
    private function search(): void
    {
        Schema::create('picture_rows', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('picture_id')->unique()->constrained()->cascadeOnDelete();
        });
        $columns = implode(', ', self::SEARCHED);
        $new = implode(', ', array_map(static fn (string $column): string => "new.{$column}", self::SEARCHED));
        $row = '(SELECT id FROM picture_rows WHERE picture_id = %s.id)';
        DB::statement("CREATE VIRTUAL TABLE picture_words USING fts5({$columns}, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3')");
        DB::statement('INSERT INTO picture_rows (picture_id) SELECT id FROM pictures');
        DB::statement("INSERT INTO picture_words (rowid, {$columns}) SELECT picture_rows.id, ".implode(', ', array_map(static fn (string $column): string => "pictures.{$column}", self::SEARCHED)).' FROM pictures JOIN picture_rows ON picture_rows.picture_id = pictures.id');
        DB::unprepared("CREATE TRIGGER picture_words_in AFTER INSERT ON pictures BEGIN
            INSERT INTO picture_rows (picture_id) VALUES (new.id);
            INSERT INTO picture_words (rowid, {$columns}) VALUES (".sprintf($row, 'new').", {$new});
        END");
        DB::unprepared('CREATE TRIGGER picture_words_changed AFTER UPDATE OF '.$columns.' ON pictures BEGIN
            UPDATE picture_words SET '.implode(', ', array_map(static fn (string $column): string => "{$column} = new.{$column}", self::SEARCHED)).' WHERE rowid = '.sprintf($row, 'new').';
        END');
        DB::unprepared('CREATE TRIGGER picture_words_out BEFORE DELETE ON pictures BEGIN
            DELETE FROM picture_words WHERE rowid = '.sprintf($row, 'old').';
        END');
    }

    private function ways(): void
    {
        Schema::create('uploads', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('gallery_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('arrival')->nullable()->comment('which of the files dropped together it is');
            $table->string('name');
            $table->unsignedBigInteger('bytes');
            $table->timestamps();
        });
        Schema::create('piles', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('gallery_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('state')->default('waiting')->comment('waiting, running, done or failed');
            $table->unsignedInteger('total')->default(0);
            $table->json('outcomes')->default('[]')->comment('of each file: name, state, note, picture');
            $table->timestamps();
        });
        Schema::create('source_files', function (Blueprint $table): void {
            $table->string('source');
            $table->string('hash', 64)->comment('SHA-256 of a file that was there last time');
            $table->timestamp('seen_at')->useCurrent();
            $table->primary(['source', 'hash']);
        });
    }

    public function down(): void
    {
        foreach (['source_files', 'piles', 'uploads', 'look_alikes', 'picture_colours', 'picture_rows', 'picture_words'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
