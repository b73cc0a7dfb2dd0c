<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Device;
use App\Store\Bench;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/** Devices that were let in: known by a random token in a cookie, kept here as its hash. */
final class Devices
{
    public const COOKIE = '__Host-glow';

    public const KINDS = ['phone' => 'Phone', 'tablet' => 'Tablet', 'computer' => 'Computer'];

    /** Days without use after which a device is let in no more. */
    private const DAYS = 90;

    /** Seconds a token is still taken after it was renewed: requests that were on their way. */
    private const FORMER_S = 30;

    /** Seconds between two notes of when a device was seen last. */
    private const SEEN_S = 60;

    private const TOKEN = '/^[0-9a-f]{64}$/';

    /**
     * A device comes in; one that was in before from this browser keeps its name.
     *
     * @return array{Device, string} with its token, shown once
     */
    public static function letIn(Request $request, Right $right, string $person): array
    {
        $before = self::byToken($request);
        $token = bin2hex(random_bytes(32));
        $kind = self::kind((string) $request->userAgent());
        $fields = [
            'kind' => $kind,
            'rights' => $right->value,
            'token_hash' => hash('sha256', $token),
            'former_hash' => null,
            'former_until' => null,
            'renew' => false,
            'net' => Networks::of((string) $request->ip()),
            'seen_at' => Bench::now(),
            'ended_at' => null,
            'person_id' => $person === '' ? $before?->person_id : People::named($person)->id,
        ];
        if ($before !== null) {
            $before->update($fields);

            return [$before->refresh(), $token];
        }
        $count = 1 + Device::query()->where('kind', $kind)->count();

        return [Device::create(['name' => self::KINDS[$kind]." {$count}", 'paired_at' => Bench::now(), ...$fields]), $token];
    }

    /** Who the cookie of a request says it is, where that still holds and it comes from where it was let in. */
    public static function of(Request $request): ?Device
    {
        $device = self::byToken($request);
        $since = now()->subDays(self::DAYS)->format('Y-m-d H:i:s');
        $holds =
            $device !== null &&
            $device->ended_at === null &&
            $device->seen_at > $since &&
            $device->net === Networks::of((string) $request->ip());
        if (! $holds) {
            return null;
        }
        if ($device->seen_at < now()->subSeconds(self::SEEN_S)->format('Y-m-d H:i:s')) {
            $device->update(['seen_at' => Bench::now()]);
        }

        return $device;
    }

    private static function byToken(Request $request): ?Device
    {
        $token = $request->cookies->get(self::COOKIE);
        if (! is_string($token) || preg_match(self::TOKEN, $token) !== 1) {
            return null;
        }
        $hash = hash('sha256', $token);
        $device = Device::query()->with('person')->where('token_hash', $hash)->orWhere('former_hash', $hash)->first();
        $former = $device !== null && $device->token_hash !== $hash;

        return $former && (string) $device->former_until < Bench::now() ? null : $device;
    }

    /** A new token where the rights were raised since; null where the one it has goes on. */
    public static function renewed(Device $device): ?string
    {
        if (! $device->renew) {
            return null;
        }
        $token = bin2hex(random_bytes(32));
        // Of two requests at once one renews.
        $one = Device::query()
            ->whereKey($device->id)
            ->where('renew', true)
            ->update([
                'renew' => false,
                'former_hash' => $device->token_hash,
                'former_until' => now()->addSeconds(self::FORMER_S)->format('Y-m-d H:i:s'),
                'token_hash' => hash('sha256', $token),
            ]);

        return $one === 1 ? $token : null;
    }

    public static function cookie(string $token): Cookie
    {
        return Cookie::create(self::COOKIE, $token, now()->addDays(self::DAYS))
            ->withPath('/')
            ->withSecure(true)
            ->withHttpOnly(true)
            ->withSameSite(Cookie::SAMESITE_STRICT);
    }

    /** The token of a device begins anew with each rise of its rights. */
    public static function give(Device $device, Right $right): void
    {
        $rises = ! $device->right()->covers($right);
        $device->update(['rights' => $right->value, 'renew' => $device->renew || $rises]);
        Door::tell('rights', "{$device->name} may {$right->given()}.");
    }

    public static function end(Device $device): void
    {
        $device->update(['ended_at' => Bench::now()]);
        Door::tell('ended', "{$device->name} was ended.");
    }

    /** @return list<Device> that are let in, the one seen last first */
    public static function all(): array
    {
        return array_values(
            Device::query()
                ->with('person')
                ->whereNull('ended_at')
                ->where('seen_at', '>', now()->subDays(self::DAYS)->format('Y-m-d H:i:s'))
                ->orderByDesc('seen_at')
                ->get()
                ->all(),
        );
    }

    /** @return list<Device> seen within the last quarter of an hour */
    public static function atHand(): array
    {
        $since = now()->subMinutes(15)->format('Y-m-d H:i:s');

        return array_values(array_filter(self::all(), fn (Device $d): bool => $d->seen_at > $since));
    }

    private static function kind(string $agent): string
    {
        return match (true) {
            preg_match('/iPad|Tablet|Android(?!.*Mobile)/i', $agent) === 1 => 'tablet',
            preg_match('/Mobi|iPhone|Android/i', $agent) === 1 => 'phone',
            default => 'computer',
        };
    }
}
