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
        Schema::table('pictures', static function (Blueprint $table): void {
            // Milliseconds beyond taken_at, and minutes that its clock was ahead of UTC.
            $table->unsignedSmallInteger('taken_milliseconds')->default(0);
            $table->smallInteger('taken_offset')->nullable();
            // Whether the focal point is one that can be relied on: set by a person, or found where all that is worth looking at lies together.
            $table->boolean('focal_sure')->default(true);
            // Whether the original tells where it was taken; of pictures that were taken in before, where a place is known by name.
            $table->boolean('tells_place')->default(false);
        });
        DB::table('pictures')->where('place', '!=', '')->update(['tells_place' => true]);
        // Snags that somebody means to be so, each by the mark of what was seen.
        Schema::create('meant_snags', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('gallery_id')->constrained()->cascadeOnDelete();
            $table->string('code', 40);
            $table->string('mark', 32);
            $table->string('says', 500);
            $table->string('word', 200);
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at');
            $table->unique(['gallery_id', 'mark']);
        });
    }

    public function down(): void
    {
        Schema::drop('meant_snags');
        Schema::table('pictures', static fn (Blueprint $table) => $table->dropColumn(['taken_milliseconds', 'taken_offset', 'focal_sure', 'tells_place']));
    }
};
