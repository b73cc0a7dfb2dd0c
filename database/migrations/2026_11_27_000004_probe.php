<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The side the thumb is on, and rounds of practice. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('preferences', function (Blueprint $table): void {
            $table->string('thumb')->default('right');
        });
        Schema::create('rounds', function (Blueprint $table): void {
            $table->id();
            $table->integer('seed');
            $table->string('place');
            $table->string('spot');
            $table->string('difficulty');
            // Readings as they were taken, and names as they were given: JSON.
            $table->text('readings');
            $table->text('names');
            $table->float('seconds')->default(0);
            $table->integer('unsafe')->default(0);
            $table->text('score')->nullable();
            $table->timestamp('begun_at');
            $table->timestamp('ended_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rounds');
        Schema::table('preferences', function (Blueprint $table): void {
            $table->dropColumn('thumb');
        });
    }
};
