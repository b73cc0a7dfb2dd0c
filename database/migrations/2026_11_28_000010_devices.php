<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Devices that were let in, the codes that let them in, the names that are written under, and what happened at the door. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40)->unique();
        });
        Schema::create('devices', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40);
            $table->string('kind', 20);
            $table->string('rights', 10);
            $table->string('token_hash', 64)->unique();
            // The token before a change of rights, for requests that were on their way.
            $table->string('former_hash', 64)->nullable();
            $table->string('former_until')->nullable();
            // Set where the next request is to be given a new token.
            $table->boolean('renew')->default(false);
            $table->string('net', 64);
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->string('thumb', 8)->default('right');
            $table->string('paired_at');
            $table->string('seen_at');
            $table->string('ended_at')->nullable();
        });
        Schema::create('pairings', function (Blueprint $table): void {
            $table->id();
            // Encrypted: the bench shows the digits for as long as they are good.
            $table->text('code');
            $table->string('rights', 10);
            $table->text('to');
            $table->integer('tries')->default(0);
            $table->string('expires_at');
            $table->string('used_at')->nullable();
            $table->foreignId('device_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::create('pauses', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->integer('times');
            $table->integer('until');
        });
        Schema::create('door', function (Blueprint $table): void {
            $table->id();
            $table->string('at');
            $table->string('kind', 20);
            $table->string('words', 200);
        });
        Schema::table('preferences', function (Blueprint $table): void {
            $table->string('passphrase')->default('');
        });
        Schema::table('moves', function (Blueprint $table): void {
            // Who did it, as a word, and on what: empty on the bench itself and where nobody gave a name.
            $table->string('person', 40)->default('');
            $table->string('device', 40)->default('');
        });
        DB::statement('CREATE INDEX moves_newest ON moves (build_id, id)');
    }

    public function down(): void
    {
        DB::statement('DROP INDEX moves_newest');
        Schema::table('moves', fn (Blueprint $table) => $table->dropColumn(['person', 'device']));
        Schema::table('preferences', fn (Blueprint $table) => $table->dropColumn('passphrase'));
        foreach (['door', 'pauses', 'pairings', 'devices', 'people'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
