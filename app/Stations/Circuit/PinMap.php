<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\Store\Keeper;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Quantity\Shown;

/** Pins of a device: which contact stands when, the continuity test that proves it, what its unused pins carry. */
final class PinMap
{
    public const INPUT_KINDS = [
        'hand' => 'by hand',
        'key' => 'key',
        'running' => 'running light',
        'brake' => 'brake',
        'turn' => 'turn',
        'hazard' => 'hazard',
        'reverse' => 'reverse',
        'fog' => 'fog',
        'courtesy' => 'courtesy lamp',
        'door' => 'door',
        'lid' => 'lid',
        'load' => 'a load',
        'remote' => 'remote',
        'dusk' => 'dusk',
        'motion' => 'motion',
        'other' => 'other',
    ];

    /** DIN 72552 terminals of a relay. */
    private const TERMINALS = [
        '30' => 'common',
        '85' => 'coil',
        '86' => 'coil',
        '87' => 'normally open',
        '87a' => 'normally closed',
    ];

    /** @param  array<array-key, mixed>  $when */
    public static function when(array $when): string
    {
        $deeper = fn (mixed $w): string => is_array($w) ? self::when($w) : '';

        return match (true) {
            is_array($when['all'] ?? null) => $when['all'] === []
                ? 'always made'
                : implode(' and ', array_map($deeper, $when['all'])),
            is_array($when['any'] ?? null) => implode(' or ', array_map($deeper, $when['any'])),
            is_array($when['not'] ?? null) => str_replace('made', 'broken', $deeper($when['not'])),
            is_string($when['at'] ?? null) => "made at {$when['at']}",
            is_string($when['sense'] ?? null) => "made while {$when['sense']} is driven",
            is_string($when['hear'] ?? null) => "made while it hears {$when['hear']}",
            default => '',
        };
    }

    /** @return list<string> what to do with a meter before fitting it */
    public static function test(Device $device): array
    {
        $part = $device->part;
        $relay = $device instanceof RelayDevice;
        $lines = ['Set the meter to continuity, nothing connected, no power.'];
        foreach ($part->contacts as $contact) {
            $pair = "{$contact->from} and {$contact->to}";
            $at = $contact->madeAt();
            if ($at !== '') {
                $others = array_values(array_diff($part->positions, [$at]));
                $lines[] = "{$pair}: it beeps at {$at} and is silent at ".implode(' and ', $others).'.';
            } elseif ($relay) {
                $resting = isset($contact->closedWhen['not']);
                $lines[] =
                    "{$pair} (".
                    (self::TERMINALS[$contact->from] ?? '').
                    ' to '.
                    (self::TERMINALS[$contact->to] ?? '').
                    '): it '.
                    ($resting ? 'beeps at rest and is silent' : 'is silent at rest and beeps').
                    ' with the supply across 85 and 86.';
            }
        }
        foreach ($relay ? $part->inside : [] as $inside) {
            if ($inside->isSense()) {
                $lines[] =
                    "{$inside->from} and {$inside->to}: about ".Shown::ohms($inside->ohm()).' on the ohm range.';
            }
            if ($inside->isDiode()) {
                $lines[] = 'It has a diode across the coil: 86 goes to plus, or the diode shorts the supply.';
            }
        }
        if ($device instanceof ControllerDevice) {
            $lines[] = 'Try it on the bench with one lamp per channel before it is fitted.';
        }

        return $lines;
    }

    /** @return list<string> pins without a lead and what they carry at most */
    public static function unused(Frame $frame, Device $device): array
    {
        $said = Keeper::value(
            ['unused', $frame->document->wiringHash(), $device->id(), ...$frame->preference->key()],
            fn (): array => self::unwired($frame, $device),
        );

        return array_values(array_filter((array) $said, is_string(...)));
    }

    /** @return list<string> */
    private static function unwired(Frame $frame, Device $device): array
    {
        $id = $device->id();
        $wired = [];
        foreach ($frame->analysis->harness->wires as $wire) {
            $wired[$wire->from] = $wired[$wire->to] = true;
        }
        $said = [];
        foreach ($device->pins() as $pin) {
            if (isset($wired["{$id}.{$pin}"])) {
                continue;
            }
            $most = 0.0;
            foreach ($frame->analysis->scenes() as $scene) {
                foreach ($frame->analysis->build->supplies as $supply) {
                    $most = max($most, abs((float) $scene->lit->between("{$id}.{$pin}", "{$supply->id}.minus")));
                }
            }
            $said[] = "{$pin}, ".($most > 1.0 ? 'up to '.Shown::volts($most) : 'never live');
        }

        return $said;
    }
}
