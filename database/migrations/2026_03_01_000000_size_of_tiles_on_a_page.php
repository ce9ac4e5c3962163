<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('panes', function (Blueprint $table): void {
            $table->string('tile_size')->nullable()->comment('a name or px; null is as the gallery has it');
        });
    }

    public function down(): void
    {
        Schema::table('panes', function (Blueprint $table): void {
            $table->dropColumn('tile_size');
        });
    }
};
