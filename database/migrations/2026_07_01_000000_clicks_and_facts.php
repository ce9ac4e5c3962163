<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gallery_items', function (Blueprint $table): void {
            $table->string('click', 8)->nullable()->comment('what a click does; null is the rule of the gallery');
        });
        Schema::table('pictures', function (Blueprint $table): void {
            $table->string('lens')->default('');
            $table->string('exposure')->default('')->comment('aperture, time, sensitivity, focal length');
            $table->string('place')->default('')->comment('by name');
            $table->text('track')->default('')->comment('WebVTT of a video');
        });
    }

    public function down(): void
    {
        Schema::table('pictures', static fn (Blueprint $table) => $table->dropColumn(['lens', 'exposure', 'place', 'track']));
        Schema::table('gallery_items', static fn (Blueprint $table) => $table->dropColumn('click'));
    }
};
