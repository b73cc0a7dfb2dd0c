<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared("ALTER TABLE preferences ADD COLUMN decimal_sign TEXT NOT NULL DEFAULT 'point';");
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE preferences DROP COLUMN decimal_sign;');
    }
};
