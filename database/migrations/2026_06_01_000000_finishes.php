<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('finishes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 40)->unique();
            $table->json('settings')->comment('every setting of a finish, as of the schema');
            $table->unsignedInteger('schema');
            $table->timestamps();
        });
        Schema::create('picture_rasters', function (Blueprint $table): void {
            $table->string('rendition_key')->primary();
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->binary('numbers')->comment('of the colours, a byte a pixel, row by row');
            $table->binary('colours')->comment('sRGB, three bytes each');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('picture_rasters');
        Schema::dropIfExists('finishes');
    }
};
