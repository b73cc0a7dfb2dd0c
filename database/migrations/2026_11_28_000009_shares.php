<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Links to one revision that end by themselves, when they were opened, and what was picked through them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shares', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->integer('no');
            $table->string('what', 20);
            $table->string('token_hash', 64)->unique();
            $table->string('made_at');
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
        foreach (['answers', 'share_opens', 'shares'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
