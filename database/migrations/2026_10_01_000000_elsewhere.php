<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sites', static function (Blueprint $table): void {
            $table->json('embed')->nullable();
            $table->ulid('acquire_page_id')->nullable();
        });
        Schema::table('galleries', static function (Blueprint $table): void {
            $table->json('embed')->nullable();
            $table->string('lock_hash')->nullable();
            $table->unsignedInteger('lock_hours')->nullable();
        });
        // What a ZIP is to become: pictures, or a gallery once somebody has looked at what was understood of it.
        Schema::table('uploads', static fn (Blueprint $table) => $table->string('purpose')->default('pictures'));
        Schema::table('batches', static function (Blueprint $table): void {
            $table->string('purpose')->default('pictures');
            $table->string('title')->nullable();
        });
        Schema::create('personal_access_tokens', static function (Blueprint $table): void {
            $table->id();
            $table->ulidMorphs('tokenable');
            $table->string('name');
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable();
            $table->timestamps();
        });
        Schema::create('embed_refusals', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('gallery_id')->constrained()->cascadeOnDelete();
            $table->string('origin');
            $table->unsignedInteger('times');
            $table->timestamps();
            $table->unique(['gallery_id', 'origin']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('embed_refusals');
        Schema::dropIfExists('personal_access_tokens');
        Schema::table('batches', static fn (Blueprint $table) => $table->dropColumn(['purpose', 'title']));
        Schema::table('uploads', static fn (Blueprint $table) => $table->dropColumn('purpose'));
        Schema::table('galleries', static fn (Blueprint $table) => $table->dropColumn(['embed', 'lock_hash', 'lock_hours']));
        Schema::table('sites', static fn (Blueprint $table) => $table->dropColumn(['embed', 'acquire_page_id']));
    }
};
