<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Device;
use Illuminate\Support\Facades\Cache;

/** What a device shows now, so that the bench can follow, and what the bench hands it. View state: kept nowhere for good. */
final class Bell
{
    private const LASTS_S = 6 * 3600;

    /** A page of the bench, and nothing that does something. */
    private const PAGE = '#^/b/[0-9a-f]{16}/[a-z]+(\?[^\s\x00-\x1f]{0,1500})?$#';

    public static function isPage(string $address): bool
    {
        return preg_match(self::PAGE, $address) === 1;
    }

    public static function shows(Device $device, string $address): void
    {
        if (! $device->isBench() && self::isPage($address)) {
            Cache::put('shows', $address, self::LASTS_S);
        }
    }

    /** The page of a build that the device shows that was used last; '' where none does. */
    public static function shown(): string
    {
        $address = Cache::get('shows');

        return is_string($address) ? $address : '';
    }

    public static function send(Device $device, string $address, string $words): void
    {
        Cache::put("device {$device->id} sent", [$address, mb_substr($words, 0, 120)], self::LASTS_S);
    }

    /** @return array{string, string}|null address and words, taken once */
    public static function sent(Device $device): ?array
    {
        $sent = $device->isBench() ? null : Cache::get("device {$device->id} sent");
        if (! is_array($sent) || ! is_string($sent[0] ?? null) || ! is_string($sent[1] ?? null)) {
            return null;
        }
        Cache::forget("device {$device->id} sent");

        return [$sent[0], $sent[1]];
    }

    /** Whether the bench's own screen is dark where it follows its system: the phone does as it does. */
    public static function dark(bool $dark): void
    {
        if (self::isDark() !== $dark) {
            Cache::forever('bench dark', $dark);
        }
    }

    public static function isDark(): bool
    {
        return Cache::get('bench dark') === true;
    }
}
