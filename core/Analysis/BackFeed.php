<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Harness\HostLoad;
use BenchGlow\Scene\Scene;

/** A host load that gets something while its own signal is off (solving.md C1): judged on the load, never on the wire's volts. */
final class BackFeed
{
    /** Of the load's rated volts. */
    private const SHARE = 0.1;

    /** Of an LED load's rated amps. */
    private const LED_SHARE = 0.02;

    public static function in(Scene $scene, string $key, HostLoad $load): bool
    {
        if (isset($scene->closed["{$load->wire}.live"])) {
            return false;
        }

        return $load->kind === 'led'
            ? abs($scene->lit->amps[$key] ?? 0.0) > self::LED_SHARE * $load->ratedA
            : abs((float) $scene->lit->between($load->from, $load->to)) > self::SHARE * $load->atV;
    }
}
