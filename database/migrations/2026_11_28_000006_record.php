<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What happened on the bench, and pictures of it: only added to, never taken back. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            <<<'SQL'
            CREATE TABLE bench_events (
                id INTEGER PRIMARY KEY,
                build_id INTEGER NOT NULL REFERENCES builds(id) ON DELETE CASCADE,
                at TEXT NOT NULL,
                window TEXT NOT NULL,
                token TEXT NOT NULL,
                kind TEXT NOT NULL CHECK (kind IN ('sit', 'break', 'back', 'rise', 'done', 'void')),
                steps TEXT NOT NULL DEFAULT '[]',
                seconds INTEGER NOT NULL DEFAULT 0,
                stated INTEGER NOT NULL DEFAULT 0,
                base INTEGER NOT NULL,
                UNIQUE (build_id, token)
            )
            SQL
            ,
        );
        DB::statement('CREATE INDEX bench_events_build ON bench_events (build_id, id)');
        // What is learned of a verb begins anew after an event.
        Schema::create('times_anew', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->integer('after');
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->string('sha')->primary();
            $table->integer('bytes');
            $table->integer('w');
            $table->integer('h');
            $table->string('taken_at')->nullable();
            $table->string('added_at');
            // When it was last found in a build.
            $table->string('seen_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photos');
        Schema::dropIfExists('times_anew');
        Schema::dropIfExists('bench_events');
    }
};
