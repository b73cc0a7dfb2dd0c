<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Format\Fields;
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
     * @param  string  $kind  switch · relay · controller
     * @return list<array{Contact, Fields, Fields}> contact, device, part
     */
    public static function of(Analysis $analysis, string $kind): array
    {
        $all = [];
        foreach ($analysis->bodies->contacts as $contact) {
            $device = $analysis->build->devices[$contact->thing] ?? null;
            if ($device !== null && $device->text('kind') === $kind) {
                $all[] = [$contact, $device, self::part($analysis, $device)];
            }
        }

        return $all;
    }

    public static function part(Analysis $analysis, Fields $device): Fields
    {
        return $analysis->build->parts[$device->text('part')] ?? new Fields([]);
    }

    /** "the magnet switch", "the relay `k`". */
    public static function name(Fields $device, Fields $part): string
    {
        $kind =
            self::STYLES[$part->text('style')] ??
            ($part->text('style') !== '' ? str_replace('_', ' ', $part->text('style')) : $device->text('kind'));

        return $device->has('label') ? Words::within($device->text('label')) : "the {$kind} `{$device->text('id')}`";
    }
}
