<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Store\Bench;
use App\Support\WallClock;
use Illuminate\Support\Facades\DB;

/** What happened at the door: openings, who was let in, who was refused. Kept for ninety days; no title and no price is in it. */
final class Door
{
    private const DAYS = 90;

    /** Of one kind within this time more is counted than written down, so that nobody fills the list. */
    private const A_MINUTE = 60;

    /** @param  string  $kind  opened · closed · let_in · refused · ended · rights · passphrase */
    public static function tell(string $kind, string $words): void
    {
        if ($kind === 'refused' && self::full()) {
            return;
        }
        DB::table('door')->insert(['at' => Bench::now(), 'kind' => $kind, 'words' => mb_strimwidth($words, 0, 200, '…')]);
    }

    private static function full(): bool
    {
        $since = now()->subSeconds(self::A_MINUTE)->format('Y-m-d H:i:s');

        return DB::table('door')->where('kind', 'refused')->where('at', '>', $since)->count() >= 20;
    }

    /** @return list<array{at: string, words: string}> the newest first */
    public static function newest(int $most = 40): array
    {
        $rows = DB::table('door')->orderByDesc('id')->limit($most)->get(['at', 'words']);

        return array_values(
            $rows
                ->map(
                    fn (object $r): array => [
                        'at' => WallClock::day((string) ($r->at ?? '')),
                        'words' => (string) ($r->words ?? ''),
                    ],
                )
                ->all(),
        );
    }

    public static function thin(): void
    {
        DB::table('door')
            ->where('at', '<', now()->subDays(self::DAYS)->format('Y-m-d H:i:s'))
            ->delete();
    }
}
