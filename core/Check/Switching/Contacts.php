<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\Device;
use BenchGlow\Harness\Contact;
use BenchGlow\Quantity\Words;

/** Contacts of the build's own devices, as rules speak of them. */
final class Contacts
{
    private const STYLES = [
        'reed' => 'magnet switch',
        'tilt' => 'tilt switch',
        'micro' => 'micro switch',
        'lid' => 'lid switch',
        'solid_state' => 'solid-state switch',
        'momentary' => 'push button',
    ];

    /**
     * @param  class-string<Device>  ...$kinds
     * @return list<array{Contact, Device}>
     */
    public static function of(Analysis $analysis, string ...$kinds): array
    {
        $all = [];
        foreach ($kinds as $kind) {
            foreach ($analysis->bodies->contacts as $contact) {
                $device = $analysis->build->devices[$contact->thing] ?? null;
                if ($device instanceof $kind) {
                    $all[] = [$contact, $device];
                }
            }
        }

        return $all;
    }

    /** "the magnet switch", "the relay `k`". */
    public static function name(Device $device): string
    {
        $style = $device->part->style;
        $kind = self::STYLES[$style] ?? ($style !== '' ? str_replace('_', ' ', $style) : $device->kind());
        $label = $device->ownLabel();

        return $label !== '' ? Words::within($label) : "the {$kind} `{$device->id()}`";
    }
}
