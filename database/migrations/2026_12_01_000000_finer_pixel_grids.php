<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** The grids made before were too coarse where a tile shows part of a panorama. Each is made again when it is needed. */
    public function up(): void
    {
        DB::table('picture_rasters')->delete();
    }

    /** Coarser grids, too, are made again when they are needed. */
    public function down(): void
    {
        DB::table('picture_rasters')->delete();
    }
};
