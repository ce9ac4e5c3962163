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
        Schema::table('gallery_items', function (Blueprint $table): void {
            $table->boolean('is_large')->default(false)->comment('made large by a layout that can');
        });
        Schema::table('journal_entries', function (Blueprint $table): void {
            $table->unsignedInteger('schema')->default(1)->comment('of designs, that the changes were written under');
        });
        Schema::rename('piles', 'batches');
        // Work that waits goes on under the new names; what is serialised tells the length of each.
        DB::table('jobs')->where('queue', 'piles')->update(['queue' => 'batches']);
        foreach (DB::table('jobs')->where('queue', 'batches')->get(['id', 'payload']) as $job) {
            DB::table('jobs')->where('id', $job->id)->update(['payload' => str_replace('s:6:\"pileId\"', 's:7:\"batchId\"', (string) $job->payload)]);
        }
    }

    public function down(): void
    {
        Schema::rename('batches', 'piles');
        Schema::table('journal_entries', function (Blueprint $table): void {
            $table->dropColumn('schema');
        });
        Schema::table('gallery_items', function (Blueprint $table): void {
            $table->dropColumn('is_large');
        });
    }
};
