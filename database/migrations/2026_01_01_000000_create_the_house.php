<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('pictures', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('hash', 64)->unique()->comment('SHA-256 of the original');
            $table->string('rendition_key', 24)->unique()->comment('of original and recipe, part of every address');
            $table->string('name')->comment('of the file as it came');
            $table->string('media_type');
            $table->unsignedInteger('bytes');
            $table->unsignedInteger('width')->comment('px as seen');
            $table->unsignedInteger('height')->comment('px as seen');
            $table->float('focal_x')->default(0.5);
            $table->float('focal_y')->default(0.5);
            $table->string('title')->default('');
            $table->text('caption')->default('');
            $table->text('alt')->default('');
            $table->string('state')->default('preparing');
            $table->string('failure')->nullable();
            $table->json('renditions')->default('{}')->comment('bytes by file name');
            $table->timestamps();
        });

        Schema::create('galleries', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('title');
            $table->json('design');
            $table->unsignedInteger('version')->default(1);
            $table->ulid('edition_id')->nullable()->comment('the one visitors see');
            $table->timestamps();
        });

        Schema::create('gallery_items', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('gallery_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('picture_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('position');
            $table->string('title')->nullable();
            $table->text('caption')->nullable();
            $table->text('alt')->nullable();
            $table->index(['gallery_id', 'position']);
        });

        Schema::create('journal_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('gallery_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('version')->comment('that the gallery had after it');
            $table->json('change');
            $table->json('inverse');
            $table->string('summary');
            $table->string('state')->default('done');
            $table->boolean('is_live')->default(false)->comment('in force when the gallery was last put live');
            $table->timestamp('created_at');
            $table->index(['gallery_id', 'state', 'id']);
        });

        Schema::create('editions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('gallery_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('version')->comment('of the gallery, frozen here');
            $table->json('content')->comment('title, design, pictures with words and files');
            $table->timestamp('created_at');
        });

        Schema::create('sites', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->text('shell')->comment('HTML around every page');
            $table->text('stylesheet');
            $table->unsignedInteger('margin')->comment('px beside the content');
            $table->unsignedInteger('content_width')->comment('greatest, px');
            $table->json('live')->nullable()->comment('menu and panes as visitors see them');
            $table->timestamps();
        });

        Schema::create('pages', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('site_id')->constrained()->cascadeOnDelete();
            $table->string('slug');
            $table->string('title');
            $table->string('menu_label')->nullable()->comment('null: not in the menu');
            $table->unsignedInteger('position');
            $table->json('blocks')->comment('HTML, one entry for each block');
            $table->timestamps();
            $table->unique(['site_id', 'slug']);
        });

        Schema::create('panes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('page_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('gallery_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('spot')->comment('after how many blocks of the page');
            $table->timestamps();
        });

        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });

        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (['failed_jobs', 'jobs', 'panes', 'pages', 'sites', 'editions', 'journal_entries', 'gallery_items', 'galleries', 'pictures', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
