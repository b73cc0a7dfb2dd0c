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
        // Documents that were bound as text become bytes, a slice at a time.
        do {
            $changed = DB::update(
                "UPDATE revisions SET doc = CAST(doc AS BLOB) WHERE rowid IN (
                    SELECT rowid FROM revisions WHERE typeof(doc) = 'text' LIMIT 500
                )",
            );
        } while ($changed > 0);
        Schema::table('preferences', function (Blueprint $table): void {
            // Empty: the machine's own.
            $table->text('zone')->default('');
        });
    }

    public function down(): void
    {
        Schema::table('preferences', function (Blueprint $table): void {
            $table->dropColumn('zone');
        });
    }
};
