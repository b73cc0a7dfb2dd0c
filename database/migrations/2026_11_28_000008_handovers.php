<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Seals: which revision was handed over, under which letter, to whom, signed by the bench. */
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
    }

    public function down(): void
    {
        Schema::dropIfExists('handovers');
    }
};
