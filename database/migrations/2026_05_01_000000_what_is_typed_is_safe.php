<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('galleries', function (Blueprint $table): void {
            $table->softDeletes();
            $table->json('put_away')->nullable()->comment('where a deleted gallery stood, so that it can come back there');
        });
        Schema::table('uploads', function (Blueprint $table): void {
            $table->json('outcome')->nullable()->comment('what became of the file, once its last part was there');
            $table->ulid('picture_id')->nullable()->comment('that it became');
            $table->boolean('is_put_in')->default(false)->comment('whether the picture stands in the gallery it was sent to');
            $table->unsignedInteger('of')->default(1)->comment('how many files were dropped together');
            $table->index(['gallery_id', 'is_put_in']);
        });
        Schema::table('pictures', function (Blueprint $table): void {
            $table->boolean('has_alpha')->default(false)->comment('something lies under it that is to be seen');
            $table->boolean('is_moving')->default(false)->comment('visitors see it move');
        });
        Schema::create('change_keys', function (Blueprint $table): void {
            $table->foreignUlid('gallery_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64)->comment('by which a window that heard no answer asks again');
            $table->unsignedInteger('version')->comment('that the change made');
            $table->primary(['gallery_id', 'key']);
        });
        Schema::create('card_hashes', function (Blueprint $table): void {
            $table->string('path')->primary();
            $table->string('mark')->comment('size and time of the file');
            $table->string('hash', 64);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('card_hashes');
        Schema::dropIfExists('change_keys');
        Schema::table('pictures', fn (Blueprint $table) => $table->dropColumn(['has_alpha', 'is_moving']));
        Schema::table('uploads', function (Blueprint $table): void {
            $table->dropIndex(['gallery_id', 'is_put_in']);
            $table->dropColumn(['outcome', 'picture_id', 'is_put_in', 'of']);
        });
        Schema::table('galleries', fn (Blueprint $table) => $table->dropColumn(['deleted_at', 'put_away']));
    }
};
