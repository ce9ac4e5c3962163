<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pictures', function (Blueprint $table): void {
            $table->unsignedInteger('tries')->default(0)->comment('to make its renditions that failed, in a row');
        });
        Schema::table('batches', function (Blueprint $table): void {
            $table->json('order')->nullable()->comment('source and files of it; null for a ZIP');
        });
        Schema::table('users', function (Blueprint $table): void {
            // Whoever is there already was alone in the house.
            $table->string('role')->default('owner');
            $table->text('second_step')->nullable()->comment('encrypted secret of RFC 6238, once it was tried');
            $table->unsignedBigInteger('last_step')->default(0)->comment('time step that was used last; none is good twice');
            $table->json('recovery_codes')->default('[]')->comment('hashes of those not used yet');
        });
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('address', 45);
            $table->string('browser', 200);
            $table->timestamp('seen_at');
            $table->timestamps();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete()->comment('who invited');
            $table->string('email');
            $table->string('role');
            $table->string('token', 64)->unique()->comment('SHA-256 of what the link holds');
            $table->timestamp('expires_at');
            $table->timestamps();
        });
        Schema::create('security_entries', function (Blueprint $table): void {
            $table->id();
            $table->ulid('user_id')->nullable()->comment('stays, whatever becomes of the person');
            $table->string('who')->default('');
            $table->string('address', 45)->default('');
            $table->string('kind', 40)->index();
            $table->string('says', 400);
            $table->timestamp('created_at')->index();
        });
    }

    public function down(): void
    {
        foreach (['security_entries', 'invitations', 'sign_ins'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn(['role', 'second_step', 'last_step', 'recovery_codes']));
        Schema::table('batches', static fn (Blueprint $table) => $table->dropColumn('order'));
        Schema::table('pictures', static fn (Blueprint $table) => $table->dropColumn('tries'));
    }
};
