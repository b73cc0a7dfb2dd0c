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
        Schema::create('builds', function (Blueprint $table): void {
            $table->id();
            $table->text('key')->unique();
            $table->integer('head');
            $table->integer('tip');
            $table->integer('next');
            $table->text('title');
            $table->text('changed_at');
            $table->text('deleted_at')->nullable();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->integer('no');
            $table->integer('parent')->nullable();
            $table->binary('doc');
            $table->text('hash');
            $table->text('what');
            $table->text('edit')->nullable();
            $table->text('pinned')->nullable();
            $table->text('at');
            $table->primary(['build_id', 'no']);
        });
        Schema::create('moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->integer('from_no')->nullable();
            $table->integer('to_no');
            $table->enum('kind', ['new', 'edit', 'undo', 'redo', 'restore', 'import']);
            $table->text('window');
            $table->text('token');
            $table->text('at');
            $table->unique(['build_id', 'token']);
        });
        Schema::create('preferences', function (Blueprint $table): void {
            $table->id();
            $table->text('bench')->default('system');
            $table->text('units')->default('metric');
            $table->text('wire')->default('mm2');
            $table->integer('keys_on')->default(1);
            $table->integer('still')->default(0);
        });
        DB::table('preferences')->insert(['id' => 1]);
    }

    public function down(): void
    {
        foreach (['preferences', 'moves', 'revisions', 'builds'] as $table) {
            Schema::drop($table);
        }
    }
};
