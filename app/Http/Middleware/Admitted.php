<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\LocalNet\Devices;
use App\LocalNet\Networks;
use App\LocalNet\PairingPage;
use App\LocalNet\Visitor;
use App\Models\Device;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/**
 * Who comes by the local net: a device that was let in, or nobody. Nobody gets one and the same page at every address, before
 * any address is looked at; only a link that was given away and the digits themselves go on.
 */
final class Admitted
{
    /** Requests a minute of one device and of all; of one address that was not let in and of all those. */
    private const DEVICE = 1200;

    private const DEVICES = 6000;

    private const STRANGER = 120;

    private const STRANGERS = 600;

    /** A link of Hand over, as it is made. */
    private const LINK = '#^s/[0-9a-f]{32}$#';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! Visitor::fromNet($request)) {
            Visitor::set($request, Device::bench());

            return $next($request);
        }
        // The session of the net has a name that only it may set, and only over TLS.
        config(['session.cookie' => '__Host-bench', 'session.secure' => true]);
        // A database that can't be read is nobody's key.
        $device = rescue(fn (): ?Device => Devices::of($request), null);
        if ($this->tooMany($request, $device)) {
            return PairingPage::answer('Too much at once. Wait a minute.', 429)->header('Retry-After', '60');
        }
        if ($device === null) {
            return $this->isForAnybody($request) ? $next($request) : PairingPage::answer();
        }
        Visitor::set($request, $device);
        $answer = $next($request);
        $token = Devices::renewed($device);
        if ($token !== null) {
            $answer->headers->setCookie(Devices::cookie($token));
        }

        return $answer;
    }

    private function isForAnybody(Request $request): bool
    {
        return preg_match(self::LINK, $request->path()) === 1 ||
            ($request->isMethod('POST') && $request->path() === 'pair');
    }

    private function tooMany(Request $request, ?Device $device): bool
    {
        if ($device !== null) {
            return $this->isOver("device {$device->id}", self::DEVICE) || $this->isOver('devices', self::DEVICES);
        }

        return $this->isOver('stranger '.Networks::of((string) $request->ip()), self::STRANGER) ||
            $this->isOver('strangers', self::STRANGERS);
    }

    private function isOver(string $who, int $aMinute): bool
    {
        return ! RateLimiter::attempt($who, $aMinute, fn (): bool => true);
    }
}
