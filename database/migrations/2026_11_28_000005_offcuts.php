<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Offcuts that lie on the bench, of strip and of wire. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('offcuts', function (Blueprint $table): void {
            $table->id();
            $table->string('part');
            $table->string('label');
            $table->float('length_m');
            $table->string('from')->default('');
            $table->string('note')->default('');
            $table->timestamp('kept_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('offcuts');
    }
};
