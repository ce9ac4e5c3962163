<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** Those of before were too coarse where a tile shows a part of a panorama; each is made anew when it is asked for. */
    public function up(): void
    {
        DB::table('picture_rasters')->delete();
    }

    /** Coarse ones are made anew as well. */
    public function down(): void
    {
        DB::table('picture_rasters')->delete();
    }
};
