<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Device;
use App\Models\Pairing;
use App\Store\Bench;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Six digits that the bench shows let one device in: once, within two minutes, in at most five tries from all addresses together. */
final class Pairings
{
    public const DIGITS = 6;

    private const TRIES = 5;

    private const LASTS_S = 120;

    private const SOON_S = 60;

    private const USED = 'That code was for one phone; the bench shows the next.';

    private const COUNTS = ['no digit was', 'one was', 'two were', 'three were', 'four were', 'five were'];

    public static function pause(): Pauses
    {
        return new Pauses('pairing', 0, 15, 3600);
    }

    /** A new code takes the place of the one before. */
    public static function begin(Right $right, string $to): Pairing
    {
        self::drop();

        return Pairing::create([
            'code' => str_pad((string) random_int(0, 10 ** self::DIGITS - 1), self::DIGITS, '0', STR_PAD_LEFT),
            'rights' => $right->value,
            'to' => $to,
            'expires_at' => now()->addSeconds(self::LASTS_S)->format('Y-m-d H:i:s'),
        ]);
    }

    /** The code that is good now. */
    public static function current(): ?Pairing
    {
        $last = Pairing::query()->orderByDesc('id')->first();
        $good =
            $last !== null &&
            $last->used_at === null &&
            $last->tries < self::TRIES &&
            $last->expires_at > Bench::now();

        return $good && self::pause()->left() === 0 ? $last : null;
    }

    /**
     * What the bench shows: the code that is good; a next one where that was used, ran out or was tried too often.
     *
     * @param  bool  $fresh  the sheet was opened just now: a code that is over soon is of no use to it
     */
    public static function shown(Right $right, string $to, bool $fresh = false): ?Pairing
    {
        if (self::pause()->left() > 0) {
            return null;
        }
        $now = self::current();
        $soon = now()->addSeconds(self::SOON_S)->format('Y-m-d H:i:s');

        return $now === null || ($fresh && $now->expires_at < $soon) ? self::begin($right, $to) : $now;
    }

    /** Nobody comes in any more until the next code is asked for. */
    public static function drop(): void
    {
        Pairing::query()
            ->whereNull('used_at')
            ->where('expires_at', '>', Bench::now())
            ->update(['expires_at' => Bench::now()]);
        Pairing::query()
            ->where('expires_at', '<', now()->subDay()->format('Y-m-d H:i:s'))
            ->delete();
    }

    /**
     * @return array{Device, string, string} the device, its token, where it goes
     *
     * @throws NotUnderstood
     */
    public static function take(Request $request, string $typed, string $person): array
    {
        $typed = (string) preg_replace('/\s+/', '', $typed);
        if (preg_match('/^\d*$/', $typed) !== 1 || strlen($typed) !== self::DIGITS) {
            throw new NotUnderstood('Six digits; '.(self::COUNTS[strlen($typed)] ?? 'others were').' typed.');
        }
        if (self::pause()->left() > 0) {
            throw new NotUnderstood('Too many tries. The bench shows when the next code comes.');
        }
        $pairing = self::tried();
        if ($pairing === null) {
            throw new NotUnderstood(
                self::wasLast($typed)
                    ? self::USED
                    : 'The bench shows no code now. Press Hold it on the phone there.',
            );
        }
        if (! hash_equals($pairing->code, $typed)) {
            self::missed($pairing, $request);
            throw new NotUnderstood(
                self::wasLast($typed)
                    ? self::USED
                    : 'These are not the digits the bench shows. Look again, and type all six.',
            );
        }

        return DB::transaction(function () use ($request, $pairing, $person): array {
            $one = Pairing::query()->whereKey($pairing->id)->whereNull('used_at')->update(['used_at' => Bench::now()]);
            if ($one !== 1) {
                throw new NotUnderstood(self::USED);
            }
            [$device, $token] = Devices::letIn($request, Right::from($pairing->rights), $person);
            $pairing->update(['device_id' => $device->id]);
            Door::tell('let_in', "{$device->name} was let in. It may {$device->right()->given()}.");
            self::pause()->over();

            return [$device, $token, $pairing->to];
        });
    }

    /**
     * Digits of which some were not typed yet stay where they are; six wrong ones are typed anew.
     *
     * @param  list<string>  $digits
     * @return list<string>
     */
    public static function wanting(array $digits): array
    {
        $typed = strlen(implode('', $digits));

        return $typed < self::DIGITS ? array_map(fn (string $d): string => substr($d, 0, 1), $digits) : [];
    }

    /** A try is counted before anything is compared, so that many at once are no more than five. */
    private static function tried(): ?Pairing
    {
        $last = self::current();
        $counted =
            $last === null
                ? 0
                : Pairing::query()
                    ->whereKey($last->id)
                    ->whereNull('used_at')
                    ->where('tries', '<', self::TRIES)
                    ->increment('tries');

        return $counted === 1 ? $last?->refresh() : null;
    }

    private static function missed(Pairing $pairing, Request $request): void
    {
        Door::tell('refused', "Wrong digits from {$request->ip()}.");
        if ($pairing->tries >= self::TRIES) {
            self::pause()->failed();
        }
    }

    private static function wasLast(string $typed): bool
    {
        $last = Pairing::query()->orderByDesc('id')->whereNotNull('used_at')->first();

        return $last !== null && hash_equals($last->code, $typed);
    }
}
