<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Device;
use Illuminate\Http\Request;

/** Who a request comes from: the bench itself, or a device that was let in. */
final class Visitor
{
    /** What the web server says of a request that came in by the listener on the local net. */
    public const LISTENER = 'GLOW_LISTENER';

    public static function set(Request $request, Device $device): void
    {
        $request->attributes->set('device', $device);
    }

    /** Null for somebody from the net who was not let in. */
    public static function now(): ?Device
    {
        $request = request();
        $device = $request->attributes->get('device');

        return match (true) {
            $device instanceof Device => $device,
            self::fromNet($request) => null,
            default => Device::bench(),
        };
    }

    public static function fromNet(Request $request): bool
    {
        return $request->server(self::LISTENER) === 'net';
    }

    public static function isBench(): bool
    {
        return self::now()?->isBench() === true;
    }

    /** The name that is written under; '' where none was given. */
    public static function person(): string
    {
        $device = self::now();
        if ($device?->isBench() === true) {
            $said = request()->hasSession() ? request()->session()->get('person') : null;

            return is_string($said) ? $said : '';
        }

        return $device->person->name ?? '';
    }

    /** What a device is called; '' for the bench. */
    public static function device(): string
    {
        return self::now()->name ?? '';
    }
}
