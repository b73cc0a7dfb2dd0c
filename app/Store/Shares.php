<?php

declare(strict_types=1);

namespace App\Store;

use App\LocalNet\Opening;
use App\Models\Build;
use App\Models\Share;
use Illuminate\Support\Facades\DB;

/** Links on the local net: random tokens kept as hashes, read only, one revision, until a time or until they are ended. */
final class Shares
{
    /** Hours a link may live => how that is said. */
    public const LIVES = [1 => '1 hour', 24 => '1 day', 168 => '1 week', 720 => '30 days', 2160 => '90 days'];

    public const WHAT = ['sheet' => 'the sheet', 'price' => 'the sheet and the price'];

    /** Whether anybody but this machine can reach the bench. */
    public static function isOpen(): bool
    {
        return Opening::now() !== null;
    }

    /** @return string the token: shown once, kept nowhere */
    public static function make(Build $build, int $no, string $what, int $hours): string
    {
        $token = bin2hex(random_bytes(16));
        Share::create([
            'build_id' => $build->id,
            'no' => $no,
            'what' => $what,
            'token_hash' => hash('sha256', $token),
            'made_at' => Bench::now(),
            'expires_at' => now()->addHours($hours)->format('Y-m-d H:i:s'),
        ]);

        return $token;
    }

    /** @return list<Share> the newest first */
    public static function of(Build $build): array
    {
        return array_values(Share::query()->where('build_id', $build->id)->orderByDesc('id')->get()->all());
    }

    /** The link a token opens; null for every other one, whether it never was, has ended, or was ended: asked in the same way. */
    public static function found(string $token): ?Share
    {
        $share = Share::query()->where('token_hash', hash('sha256', $token))->first();
        $lives = self::isOpen() && $share !== null && $share->revoked_at === null && $share->expires_at > Bench::now();

        return $lives ? $share : null;
    }

    public static function opened(Share $share): void
    {
        DB::table('share_opens')->insert(['share_id' => $share->id, 'at' => Bench::now()]);
    }

    /** @param  list<string>  $codes */
    public static function answered(Share $share, array $codes): void
    {
        DB::table('answers')->insert(['share_id' => $share->id, 'at' => Bench::now(), 'picks' => json_encode($codes)]);
    }

    public static function end(Share $share): void
    {
        $share->revoked_at === null ? $share->update(['revoked_at' => Bench::now()]) : null;
    }

    /** @return list<string> when it was opened */
    public static function openings(Share $share): array
    {
        return array_values(
            array_map(
                fn (mixed $at): string => is_string($at) ? $at : '',
                DB::table('share_opens')->where('share_id', $share->id)->orderBy('id')->pluck('at')->all(),
            ),
        );
    }

    /** @return list<array{string, list<string>}> when something was picked, and the codes */
    public static function answers(Share $share): array
    {
        $all = [];
        foreach (
            DB::table('answers')
                ->where('share_id', $share->id)
                ->orderBy('id')
                ->get(['at', 'picks']) as $row
        ) {
            $codes = json_decode(is_string($row->picks) ? $row->picks : '[]', true);
            $all[] = [
                is_string($row->at) ? $row->at : '',
                array_values(array_filter(is_array($codes) ? $codes : [], is_string(...))),
            ];
        }

        return $all;
    }
}
