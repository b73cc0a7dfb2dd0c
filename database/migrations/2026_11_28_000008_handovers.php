<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Seals, links that end by themselves, when they were opened, and what was picked through them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('handovers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->integer('no');
            $table->string('letter', 8);
            $table->string('at');
            $table->string('made_for', 120);
            $table->string('hash', 64);
            $table->text('signature');
            $table->unique(['build_id', 'letter']);
        });
        Schema::create('shares', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->integer('no');
            $table->string('what', 20);
            $table->string('token_hash', 64)->unique();
            $table->string('expires_at');
            $table->string('revoked_at')->nullable();
        });
        Schema::create('share_opens', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('share_id')->constrained()->cascadeOnDelete();
            $table->string('at');
        });
        Schema::create('answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('share_id')->constrained()->cascadeOnDelete();
            $table->string('at');
            $table->json('picks');
        });
    }

    public function down(): void
    {
        foreach (['answers', 'share_opens', 'shares', 'handovers'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
