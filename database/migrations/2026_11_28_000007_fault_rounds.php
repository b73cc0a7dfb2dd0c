<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rounds of practice at a fault. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('fault_rounds', function (Blueprint $table): void {
            $table->id();
            $table->string('example', 60);
            $table->string('circuit', 60);
            $table->unsignedBigInteger('seed');
            $table->json('answers');
            $table->json('mends');
            $table->json('score')->nullable();
            $table->string('begun_at', 40);
            $table->string('ended_at', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('fault_rounds');
    }
};
