<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
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
        });
    }

    public function down(): void
    {
        Schema::table('pictures', static fn (Blueprint $table) => $table->dropColumn(['taken_milliseconds', 'taken_offset', 'focal_sure']));
    }
};
