<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(
            <<<'SQL'
            CREATE TABLE builds (
              id INTEGER PRIMARY KEY, key TEXT NOT NULL UNIQUE,
              head INTEGER NOT NULL, tip INTEGER NOT NULL, next INTEGER NOT NULL,
              title TEXT NOT NULL, changed_at TEXT NOT NULL, deleted_at TEXT);
            CREATE TABLE revisions (
              build_id INTEGER NOT NULL REFERENCES builds(id) ON DELETE CASCADE, no INTEGER NOT NULL, parent INTEGER,
              doc BLOB NOT NULL, hash TEXT NOT NULL,
              what TEXT NOT NULL, edit TEXT,
              pinned TEXT, at TEXT NOT NULL, PRIMARY KEY (build_id, no));
            CREATE TABLE moves (
              id INTEGER PRIMARY KEY, build_id INTEGER NOT NULL REFERENCES builds(id) ON DELETE CASCADE,
              from_no INTEGER, to_no INTEGER NOT NULL,
              kind TEXT NOT NULL CHECK (kind IN ('new','edit','undo','redo','restore','import')),
              window TEXT NOT NULL, token TEXT NOT NULL, at TEXT NOT NULL, UNIQUE (build_id, token));
            CREATE TABLE preferences (
              id INTEGER PRIMARY KEY CHECK (id = 1), bench TEXT NOT NULL DEFAULT 'system', units TEXT NOT NULL DEFAULT 'metric',
              wire TEXT NOT NULL DEFAULT 'mm2', keys_on INTEGER NOT NULL DEFAULT 1, still INTEGER NOT NULL DEFAULT 0);
            INSERT INTO preferences (id) VALUES (1);
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared('DROP TABLE preferences; DROP TABLE moves; DROP TABLE revisions; DROP TABLE builds;');
    }
};
