<?php

declare(strict_types=1);

namespace App\LocalNet;

use Illuminate\Support\Facades\DB;

/** Pauses after wrong tries that grow with each; kept in the database, so that neither another address nor a restart ends one. */
final readonly class Pauses
{
    /**
     * @param  int  $free  times without a pause
     * @param  int  $first  seconds of the first pause; each after it is twice as long
     * @param  int  $longest  seconds
     */
    public function __construct(private string $name, private int $free, private int $first, private int $longest)
    {
    }

    /** @return int seconds that are still to be waited */
    public function left(): int
    {
        $until = DB::table('pauses')->where('name', $this->name)->value('until');

        return max(0, min($this->longest, (is_numeric($until) ? (int) $until : 0) - now()->getTimestamp()));
    }

    public function failed(): void
    {
        DB::statement(
            'INSERT INTO pauses (name, times, until) VALUES (?, 1, 0)
             ON CONFLICT (name) DO UPDATE SET times = times + 1',
            [$this->name],
        );
        $times = DB::table('pauses')->where('name', $this->name)->value('times');
        $over = (is_numeric($times) ? (int) $times : 1) - $this->free;
        if ($over > 0) {
            $pause = min($this->longest, $this->first * 2 ** min(20, $over - 1));
            DB::table('pauses')
                ->where('name', $this->name)
                ->update(['until' => now()->getTimestamp() + $pause]);
        }
    }

    public function over(): void
    {
        DB::table('pauses')->where('name', $this->name)->delete();
    }
}
